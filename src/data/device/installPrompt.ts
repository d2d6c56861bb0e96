import { Subscribable } from '../subscribable';

/** What browsers that install apps by themselves send before; it has no standard yet. */
interface InstallEvent extends Event {
  prompt(): Promise<unknown>;
}

/** The browser's own offer to install the app, which it makes once, whenever it likes. */
class InstallPrompt extends Subscribable {
  #event: InstallEvent | undefined;

  #watches = false;

  /** Listens from now on. */
  watch(): void {
    if (this.#watches || typeof window === 'undefined') return;
    this.#watches = true;
    window.addEventListener('beforeinstallprompt', (event) => {
      event.preventDefault();
      this.#event = event as InstallEvent;
      this.tell();
    });
    window.addEventListener('appinstalled', () => this.#gone());
  }

  readonly isOffered = (): boolean => this.#event !== undefined;

  /** Shows it; a browser answers to each only once. */
  async show(): Promise<void> {
    const event = this.#event;
    this.#gone();
    await event?.prompt();
  }

  #gone(): void {
    this.#event = undefined;
    this.tell();
  }
}

/** The one of this page. */
export const installPrompt = new InstallPrompt();
