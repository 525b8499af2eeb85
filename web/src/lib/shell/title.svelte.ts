/** What tells the page that is shown from others of its kind: the name of what it is about, once that is known. */
export const title = $state({ of: '' });

/** Tells it for as long as a component is there. */
export function pageOf(name: () => string | undefined) {
	$effect(() => {
		title.of = name() ?? '';
		return () => (title.of = '');
	});
}
