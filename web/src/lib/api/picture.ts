import { ask, token } from './api';

/** Sends a picture of a record at once, from a desk; pictures from the rows go by the outbox. */
export async function sendPicture(id: string, of: string, picture: Blob): Promise<void> {
	const response = await fetch(`/api/photos/${id}?of=${of}`, {
		method: 'PUT',
		headers: { ...token(), 'Content-Type': picture.type },
		body: picture
	});
	const said: unknown = await response.json().catch(() => undefined);
	await ask(Promise.resolve(response.ok ? { data: true, response } : { error: said, response }));
}
