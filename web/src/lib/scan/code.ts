import {
	BinaryBitmap,
	GlobalHistogramBinarizer,
	HybridBinarizer,
	QRCodeReader,
	RGBLuminanceSource
} from '@zxing/library';

/** Some signs of light for each colour, out of 256, as an eye sees them. */
const RED = 77;
const GREEN = 150;
const BLUE = 29;

/** The text of a QR code in a picture; nothing where none is readable. */
export function codeIn(picture: ImageData): string | undefined {
	const { data, width, height } = picture;
	const light = new Uint8ClampedArray(width * height);
	for (let i = 0; i < light.length; i++) {
		light[i] = (RED * data[4 * i] + GREEN * data[4 * i + 1] + BLUE * data[4 * i + 2]) >> 8;
	}
	const source = new RGBLuminanceSource(light, width, height);
	// The first finds a code in shade and sun, the second one in poor light.
	for (const Binarizer of [HybridBinarizer, GlobalHistogramBinarizer]) {
		try {
			return (
				new QRCodeReader()
					.decode(new BinaryBitmap(new Binarizer(source)))
					.getText()
					.trim() || undefined
			);
		} catch {
			// No code, or one that is blurred: the next picture may show it.
		}
	}
	return undefined;
}
