import { keptSize, type PhotoApi } from './photo.protocol';

const QUALITY = 0.82;

/** Decoding turns the picture as its file says; encoding anew leaves everything else of the file behind. */
export const photoJobs: PhotoApi = {
  async shrink(file) {
    try {
      const whole = await createImageBitmap(file);
      const { width, height } = keptSize(whole.width, whole.height);
      const canvas = new OffscreenCanvas(width, height);
      const context = canvas.getContext('2d');
      if (!context) return { status: 'unreadable' };
      context.imageSmoothingQuality = 'high';
      context.drawImage(whole, 0, 0, width, height);
      whole.close();
      return {
        status: 'small',
        photo: { blob: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }), width, height },
      };
    } catch {
      return { status: 'unreadable' };
    }
  },
};
