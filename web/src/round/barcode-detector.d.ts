/** Reads QR codes out of a picture; some browsers have it. */
interface BarcodeDetector {
  detect: (picture: HTMLVideoElement) => Promise<{ rawValue: string }[]>
}
interface Window {
  BarcodeDetector?: new (options: { formats: string[] }) => BarcodeDetector
}
