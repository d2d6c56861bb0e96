import type { ReactNode } from 'react';
import { AT_ONCE_KEY } from '@/data/device/settingsAtOnce';
import { LOW_SCREEN, PALETTES, RAIL_WIDTH, SIDE_WIDTH, variablesOf, WIDE_FROM } from '@/ui/theme';

const { day, night } = PALETTES;

const face = (family: string, file: string, weight: number, range: string): string =>
  `@font-face{font-family:'${family}';font-weight:${weight};font-display:swap;src:url(/fonts/${file}-${weight}-normal.woff2) format('woff2');unicode-range:${range}}`;

const LATIN =
  'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD';
const LATIN_EXT =
  'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,U+1E00-1E9F,U+1EF2-1EFF,U+20A0-20AB,U+20AD-20C0,U+2C60-2C7F,U+A720-A7FF';

const FACES = (['latin', 'latin-ext'] as const)
  .flatMap((subset) => {
    const range = subset === 'latin' ? LATIN : LATIN_EXT;
    return [
      face('Atkinson Hyperlegible Next', `atkinson-hyperlegible-next-${subset}`, 400, range),
      face('Atkinson Hyperlegible Next', `atkinson-hyperlegible-next-${subset}`, 600, range),
      face('Bitter', `bitter-${subset}`, 700, range),
    ];
  })
  .join('');

const FIRST_FONTS = ['atkinson-hyperlegible-next-latin-400-normal', 'bitter-latin-700-normal'];

/** Pages are written for a phone. On a wide screen the places show once they stand beside the page. */
const UNLAID = 'html:not([data-laid])';
const placesBeside = (media: string, width: number): string =>
  `@media ${media}{${UNLAID} #root>div>div{flex-direction:row!important}${UNLAID} nav{order:-1;width:${width}px;visibility:hidden}}`;
const BEFORE = placesBeside(`(min-width:${WIDE_FROM}px)`, SIDE_WIDTH) + placesBeside(LOW_SCREEN, RAIL_WIDTH);

/** On paper: no buttons and no places, but words in a text that are explained on a tap; all of a page however long, by day. */
const PRINT = `@media print{nav,:is(button,[role=button]):not([dir] *),[role=radiogroup],[data-unprinted]{display:none!important}html,body,#root{height:auto!important;display:block!important}#root div{overflow:visible!important}#root>div,#root>div>div{height:auto!important;display:block!important}:root,html[data-mode=night]{${variablesOf(day)}}}`;

/** The page's ground comes from here, before any script: no white flash before sunrise. */
const STYLE = `${FACES}
html,body{height:100%}body{margin:0;overflow-x:hidden;background:var(--ground);color:var(--ink);font-family:'Atkinson Hyperlegible Next',system-ui,sans-serif}
#root{display:flex;min-height:100%;flex:1}
:root{color-scheme:light dark;${variablesOf(day)}}
html[data-mode=day]{color-scheme:light}html[data-mode=night]{color-scheme:dark;${variablesOf(night)}}
@media (prefers-color-scheme:dark){html:not([data-mode=day]){${variablesOf(night)}}}
${BEFORE}
${PRINT}
:focus-visible{outline:3px solid ${day.amber};outline-offset:2px}
@media (prefers-reduced-motion:reduce){*{animation:none!important;transition:none!important}}`;

/** The choice of day or night is the device's; it must be known before the first paint. */
const MODE = `try{var t=JSON.parse(localStorage.getItem('${AT_ONCE_KEY}')).settings.theme;if(t!=='auto')document.documentElement.dataset.mode=t}catch(e){}`;

/** The key of a shared computer is shown no longer than it is needed, also where no server takes it out of the address. */
const KEY = `if(/[?&]key=/.test(location.search))history.replaceState(null,'',location.pathname)`;

/** Dates and numbers are slow to begin with; the browser can read its tables while the program is on its way. */
const TABLES = `requestAnimationFrame(function(){setTimeout(function(){new Intl.NumberFormat('en').format(0)})})`;

export default function Html({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover" />
        <meta
          name="description"
          content="Which flowers to hand-pollinate, when, with whose pollen, and what came of it."
        />
        <meta name="theme-color" content={day.ground} media="(prefers-color-scheme: light)" />
        <meta name="theme-color" content={night.ground} media="(prefers-color-scheme: dark)" />
        <link rel="manifest" href="/manifest.webmanifest" />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        {FIRST_FONTS.map((file) => (
          <link
            key={file}
            rel="preload"
            as="font"
            type="font/woff2"
            crossOrigin="anonymous"
            href={`/fonts/${file}.woff2`}
          />
        ))}
        <style dangerouslySetInnerHTML={{ __html: STYLE }} />
        <script dangerouslySetInnerHTML={{ __html: MODE }} />
        <script dangerouslySetInnerHTML={{ __html: KEY }} />
      </head>
      <body>
        {children}
        <script dangerouslySetInnerHTML={{ __html: TABLES }} />
      </body>
    </html>
  );
}
