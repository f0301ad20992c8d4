/** Pictures as a camera counted them: small and in linear light, and planes seen at an angle. Refuses: decoding files, and what a picture means. */
export * from './homography';
export * from './reduce';
export * from './surface';
