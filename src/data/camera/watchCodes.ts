/** `none`: there is no camera, or the address is not one a browser gives it to; `refused`: it was not allowed. */
export type CameraTrouble = 'none' | 'refused';

/** A picture is read so often, ms, and so many pixels wide: a tag held in front of it fills a third of that. */
const EVERY_MS = 150;
const WIDTH = 480;

/**
 * Shows the camera at the back in a video and tells what its codes say, until it is stopped.
 *
 * @param onCode called for each picture with a code; one that is held still is told again and again.
 * @returns stops it, and frees the camera.
 * @throws {@link CameraTrouble} as a rejection's reason.
 */
export async function watchCodes(
  video: HTMLVideoElement,
  onCode: (text: string) => void,
): Promise<() => void> {
  // Missing where the page is not served safely, whatever the types say.
  const devices = navigator.mediaDevices as MediaDevices | undefined;
  const trouble = (why: CameraTrouble): Promise<never> => Promise.reject(new Error(why));
  if (!devices) return trouble('none');
  const [stream, { readQr }] = await Promise.all([
    devices
      .getUserMedia({ video: { facingMode: 'environment' }, audio: false })
      .catch((error: unknown) =>
        trouble(error instanceof DOMException && error.name === 'NotAllowedError' ? 'refused' : 'none'),
      ),
    import('./readQr'),
  ]);
  video.srcObject = stream;
  await video.play().catch(() => undefined);
  const canvas = document.createElement('canvas');
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  const timer = setInterval(() => {
    if (!pen || video.videoWidth === 0) return;
    canvas.width = Math.min(WIDTH, video.videoWidth);
    canvas.height = Math.round((canvas.width * video.videoHeight) / video.videoWidth);
    pen.drawImage(video, 0, 0, canvas.width, canvas.height);
    const { data, width, height } = pen.getImageData(0, 0, canvas.width, canvas.height);
    const text = readQr(data, width, height);
    if (text !== undefined) onCode(text);
  }, EVERY_MS);
  return () => {
    clearInterval(timer);
    for (const track of stream.getTracks()) track.stop();
    video.srcObject = null;
  };
}
