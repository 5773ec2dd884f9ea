// The browser that tests and measurements drive: Debian's Chromium without a window, the plain one where that is all there is.
import { existsSync } from "node:fs";

export const BROWSER_PACKAGE = "chromium-headless-shell";
const PLACES = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"];

/** Where the browser is, or undefined while none is installed. */
export const browserPath = () => PLACES.find((place) => existsSync(place));

/** How it is launched: without a sandbox, since it may run as root, and without any network of its own. */
export const browserLaunch = () => ({
  executablePath: browserPath() ?? PLACES[0],
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
});
