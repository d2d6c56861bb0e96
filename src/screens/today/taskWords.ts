import type { Outing } from '@/core/crops/outing';
import type { Task } from '@/core/due/dayTasks';
import { dueNow } from '@/core/due/outings';
import type { Today } from '@/core/today/today';
import { MS_PER_MINUTE } from '@/core/time/calendar';
import type { Format } from '../format/format';
import { ROUND_NAMES } from '../words/outings';
import { lowerFirst } from '../words/lowerFirst';
import { sentenceCase } from '../words/sentenceCase';
import { sayTemperatures } from '../words/temperatures';

/** A task as a line of the day. */
export interface TaskWords {
  /** As a title. */
  readonly title: string;
  /** Size, duration and time, below the title. */
  readonly text: string;
  /** The button that starts it; `undefined` where there is nothing to start yet. */
  readonly action: string | undefined;
}

/** A task in the growers' words. @param now UTC milliseconds. */
export function sayTask(task: Task, today: Today, now: number, f: Format): TaskWords {
  const later = task.from !== undefined && task.from > now;
  const minutes = sayMinutes(task, f);
  const walk = task.period === 'afternoon' ? 'Afternoon walk' : 'Evening walk';
  switch (task.kind) {
    case 'round':
      if (task.again) return sayRoundAgain(task, later, minutes, f);
      return later ? sayComingRound(task, today, minutes, f) : sayRound(task, minutes, f);
    case 'chores':
      return {
        title: 'Covers and fruit to take off',
        text: `${f.count(task.size, 'plant', 'plants')}${minutes}. Any time today.`,
        action: later ? undefined : 'Start',
      };
    case 'open':
      if (task.again) return sayAgain(task, later, minutes, f);
      if (later)
        return {
          title: 'Flowers open',
          text: `${sayFrom(task, today, f)}: ${sayPlants(task, f)} to look at${minutes}.`,
          action: undefined,
        };
      return {
        title: 'Open now',
        text: `${sayPlants(task, f)} to look at${minutes}.${task.by === undefined ? '' : ` Be done by ${f.time(task.by)}.`}${sayTooMuch(task, now)}`,
        action: task.started ? 'Continue looking' : 'Start looking',
      };
    case 'walk':
      return later
        ? {
            title: walk,
            text: `${sayFrom(task, today, f)}: ${sayPlants(task, f)}${sayCrop(task, today)}${minutes}.`,
            action: undefined,
          }
        : {
            title: walk,
            text: `${sayPlants(task, f)}${minutes}. Find what opens ${opensTomorrow(today, now) ? 'tomorrow' : 'next'} and cover it.`,
            action: task.started ? 'Continue the walk' : 'Start the walk',
          };
    case 'routine': {
      const title = task.brushed ? 'Brush the flowers' : 'Shake the flowers';
      const doing = task.brushed ? 'brushing' : 'shaking';
      return {
        title,
        text: later
          ? `${sayFrom(task, today, f)}, when they are dry: ${sayPlants(task, f)}${minutes}.`
          : `${sayPlants(task, f)}${minutes}. Best by ${f.time(task.by!)}.`,
        action: later ? undefined : task.started ? `Continue ${doing}` : `Start ${doing}`,
      };
    }
    case 'looks':
      return {
        title: f.count(task.size, 'fruit to look at', 'fruits to look at'),
        text: `${sentenceCase(minutes.slice(2))}. Is it growing, or has it failed?`,
        action: 'Look at fruit',
      };
    case 'rest':
      return { title: 'Nothing due', text: 'Everything is done.', action: undefined };
  }
}

/** Longer is said in hours. */
const MOST_MINUTES = 90;

/** `, about 25 min`; nothing where it is not known. */
function sayMinutes({ minutes }: Task, f: Format): string {
  if (minutes === undefined) return '';
  return minutes <= MOST_MINUTES
    ? `, about ${f.number(minutes)} min`
    : `, about ${f.number(minutes / 60, minutes < 600 ? 1 : 0)} hours`;
}

/** More than one person can see to while it is open. */
const sayTooMuch = ({ minutes, by }: Task, now: number): string =>
  by !== undefined && minutes !== undefined && now + minutes * MS_PER_MINUTE > by
    ? ' More than one person can do by then: go by row or bed, begin where most is open, or share the beds.'
    : '';

const sayFrom = ({ from }: Task, { ends }: Today, f: Format): string =>
  `${from! < ends ? 'From' : 'Tomorrow from'} ${f.time(from!)}`;

const sayAgain = (task: Task, later: boolean, minutes: string, f: Format): TaskWords => ({
  title: 'A second time',
  text: `${later ? `From ${f.time(task.from!)}: ` : ''}${sayPlants(task, f)}${minutes}. Pollen once more, an hour after the first, makes it likelier that they set.${task.by === undefined ? '' : ` Be done by ${f.time(task.by)}.`}`,
  action: later ? undefined : 'Go round once more',
});

const sayRoundAgain = (task: Task, later: boolean, minutes: string, f: Format): TaskWords => ({
  title: 'A second time',
  text: `${later ? `From ${f.time(task.from!)}: ` : ''}${f.count(task.size, 'flower', 'flowers')}${minutes}, as you chose. Open, pollinate and shut them again.${task.by === undefined ? '' : ` Be done by ${f.time(task.by)}.`}`,
  action: later ? undefined : 'Go round once more',
});

const WHEN: Readonly<Record<Outing, string>> = {
  morning: 'This morning’s round',
  midday: 'Today’s midday round',
  dusk: 'This evening’s round',
};

function sayComingRound(task: Task, today: Today, minutes: string, f: Format): TaskWords {
  const outing = today.outings.find((each) => each.outing === task.outing);
  if (!outing) return sayRound(task, minutes, f);
  return {
    title: outing.day === today.day ? WHEN[outing.outing] : 'Tomorrow’s round',
    text: `${f.count(task.size, 'flower', 'flowers')}${minutes}. The first opens at ${f.time(outing.hours.opens)}.`,
    action: 'Prepare the round',
  };
}

function sayRound(task: Task, minutes: string, f: Format): TaskWords {
  const by = task.by === undefined ? '' : ` Be done by ${f.time(task.by)}.`;
  const size = task.started
    ? f.count(task.size, 'plant left', 'plants left')
    : f.count(task.size, 'flower', 'flowers');
  return {
    title: ROUND_NAMES[task.outing ?? 'morning'],
    text: `${size}${minutes}.${by}`,
    action: task.started ? 'Continue the round' : 'Start the round',
  };
}

/** Does all that may be walked now open on a later day? */
const opensTomorrow = ({ walk, day }: Today, now: number): boolean =>
  dueNow(walk, now).every((each) => each.day > day);

/** Of several walks to come: the crop, where it is one. */
function sayCrop(task: Task, { walk }: Today): string {
  const own = walk.filter(({ from }) => from === task.from);
  const crops = new Set(own.map(({ crop }) => crop.name));
  const [name] = crops;
  return name !== undefined && crops.size === 1 && own.length < walk.length ? ` of ${lowerFirst(name)}` : '';
}

const sayPlants = (task: Task, f: Format): string =>
  task.started ? f.count(task.size, 'plant left', 'plants left') : f.count(task.size, 'plant', 'plants');

/** What stands on top of Today: the next task, unless it has to wait. */
export function sayHeadline(task: Task, today: Today, now: number, f: Format): TaskWords {
  const words = sayTask(task, today, now, f);
  if (today.before && task.kind === 'rest') return { ...words, title: 'No flowers yet', text: '' };
  const waits = (task.kind === 'walk' || task.kind === 'open') && words.action === undefined;
  return waits
    ? { ...words, title: 'Nothing due now', text: `${words.title} ${lowerFirst(words.text)}` }
    : words;
}

/** The first walk of a new garden: when it is, by the calendar or by the tasks of the day, and where it begins. */
export function sayFirstWalk(
  today: Today,
  now: number,
  f: Format,
): { readonly text: string; readonly to: '/walk' | '/open' } {
  if (today.before) {
    const { firstFlowers } = today.before;
    const text = firstFlowers
      ? `First flowers about ${f.date(firstFlowers)}. It begins with the first buds, or when you see some.`
      : 'It begins with the first buds.';
    return { text, to: '/walk' };
  }
  const task = [today.tasks.next, ...today.tasks.then].find(({ kind }) => kind === 'walk' || kind === 'open');
  if (!task)
    return {
      text: today.walk.length > 0 ? 'When flowers open.' : 'Once plants are on the plan.',
      to: '/walk',
    };
  const { title, text, action } = sayTask(task, today, now, f);
  if (task.kind === 'open' && !action)
    return {
      text: `To eat, nothing is covered the evening before. ${title} ${lowerFirst(text)}`,
      to: '/open',
    };
  return { text: `${title}: ${text}`, to: task.kind === 'open' ? '/open' : '/walk' };
}

/** `12 °C to 24 °C, dry`; `undefined` where nothing was noted. */
export function sayWeather({ weather }: Pick<Today, 'weather'>, f: Format): string | undefined {
  if (!weather) return undefined;
  const rain = { none: 'dry', showers: 'showers', long: 'long rain' }[weather.rain];
  const by = weather.source === 'forecast' ? 'Forecast: ' : '';
  return `${by}${sayTemperatures(weather, f)}, ${rain}`;
}

/** On a hot day flowers shut sooner: by when the first of them must be done. */
export function sayHeat({ about, day }: Today, f: Format): string | undefined {
  const hot = [...(about?.windows.values() ?? [])].filter(({ reasons }) =>
    reasons.some(({ code }) => code === 'hotDay'),
  );
  if (!about || hot.length === 0) return undefined;
  const by = f.time(Math.min(...hot.map(({ lastSafe }) => lastSafe)));
  return `Heat shuts flowers early: work before ${by} ${about.day === day ? 'today' : `on ${f.day(about.day)}`}.`;
}
