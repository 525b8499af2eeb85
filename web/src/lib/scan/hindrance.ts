/** What hinders the camera, in words of whoever holds it. */
export function hindrance(wrong: unknown): string {
	const name = wrong instanceof DOMException ? wrong.name : '';
	if (name === 'NotAllowedError')
		return 'The camera is not allowed for this page. Allow it in the settings of the browser, or type the number.';
	if (name === 'NotFoundError') return 'No camera was found. Type the number.';
	if (name === 'NotReadableError') return 'Another program holds the camera. Close it, or type the number.';
	return 'The camera does not start here. Type the number.';
}
