// Prints an address as a code for a camera.
import { toString } from 'qrcode';

process.stdout.write(`\n${await toString(process.argv[2], { type: 'utf8', errorCorrectionLevel: 'M' })}\n`);
