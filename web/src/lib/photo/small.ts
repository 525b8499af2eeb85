import { v7 as newId } from 'uuid';

/** A picture as it is kept and sent. */
export interface Picture {
	id: string;
	file: Blob;
}

const LONGEST_SIDE = 1600;
const LARGEST_BYTES = 25_000_000;

/** A picture that is no picture, or too large to be read on a phone. */
class NoPicture extends Error {}

/** Takes each of the files as a small picture; says what was no picture, or nothing. */
export async function eachSmall(
	files: FileList | null,
	take: (picture: Picture) => unknown
): Promise<string> {
	let wrong = '';
	for (const file of files ?? []) {
		try {
			await take(await small(file));
		} catch (refused) {
			if (!(refused instanceof NoPicture)) throw refused;
			wrong = refused.message;
		}
	}
	return wrong;
}

/** A photo made small before it is kept: upright, and without what the camera wrote into it. */
async function small(file: File): Promise<Picture> {
	if (file.size > LARGEST_BYTES) {
		throw new NoPicture(`This picture has ${Math.round(file.size / 1e6)} MB; at most 25 MB can be taken.`);
	}
	let drawn: ImageBitmap;
	try {
		drawn = await createImageBitmap(file, { imageOrientation: 'from-image' });
	} catch {
		throw new NoPicture(`${file.name} is not a picture that can be read. Take a JPEG or PNG.`);
	}
	const scale = Math.min(1, LONGEST_SIDE / Math.max(drawn.width, drawn.height));
	const canvas = document.createElement('canvas');
	canvas.width = Math.round(drawn.width * scale);
	canvas.height = Math.round(drawn.height * scale);
	const paint = canvas.getContext('2d');
	if (paint) {
		// What is seen through a picture is paper.
		paint.fillStyle = '#fff';
		paint.fillRect(0, 0, canvas.width, canvas.height);
		paint.drawImage(drawn, 0, 0, canvas.width, canvas.height);
	}
	const made = await new Promise<Blob | null>((take) => canvas.toBlob(take, 'image/jpeg', 0.85));
	if (!made) throw new NoPicture('This picture could not be made smaller.');
	return { id: newId(), file: made };
}
