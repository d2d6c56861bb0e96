import type { CalendarEvent } from '@/core/calendar/events';
import type { SeedJob } from '@/core/seed/seedJobs';
import { formatTagCode } from '@/core/text/tagCode';
import type { EventWords } from '@/data/files/calendar';
import type { Format } from '../format/format';
import { sayLastUseful } from './howMany';
import { ROUND_NAMES } from './outings';
import { sayJob } from './seed';

/** Tags named in one event, at most. */
const MOST_TAGS = 30;

/** What a calendar says of something that is due. */
export function sayEvent({ about, time }: CalendarEvent, f: Format): EventWords {
  switch (about.kind) {
    case 'round':
      return {
        title: `${ROUND_NAMES[about.outing]}${about.again ? ', a second time' : ''}`,
        note: `${f.count(about.size, 'flower or plant', 'flowers or plants')} known so far. From the first open flower to the last safe moment.`,
      };
    case 'walk':
      return {
        title: 'Walk: find what opens next',
        note: `${f.count(about.size, 'plant', 'plants')} to look at. From the hour at which eve buds can be told.`,
      };
    case 'open':
      return { title: 'Look what is open', note: `${f.count(about.size, 'plant', 'plants')} to look at.` };
    case 'routine':
      return {
        title: 'Shake or brush the flowers',
        note: `${f.count(about.size, 'plant', 'plants')}. When they are dry.`,
      };
    case 'looks':
      return {
        title: f.count(about.size, 'fruit to look at', 'fruits to look at'),
        note: 'Is it growing, or has it failed?',
      };
    case 'ripe':
      return {
        title: `Ripe: ${about.variety.name}, ${f.count(about.size, 'fruit', 'fruits')} ${about.use === 'seed' ? 'for seed' : 'to eat'}`,
        note: `By its days and the warmth so far: how it looks decides.${sayTags(about.codes)}`,
      };
    case 'seed': {
      const { title } = sayJob(about.job, dayOf(time), f);
      return { title, note: sayUntil(about.job, f) };
    }
    case 'lastUseful':
      return {
        title: `Last useful day to pollinate ${about.variety.name}`,
        note: sayLastUseful(about.last, about.last.day, f),
      };
    case 'sow':
      return { title: `Sow: ${about.variety.name}`, note: 'As it is planned.' };
  }
}

/** Seed work is always of a whole day. */
const dayOf = (time: CalendarEvent['time']): string => ('day' in time ? time.day : '');

const sayUntil = ({ by }: SeedJob, f: Format): string =>
  by === undefined ? 'From this day on.' : `From this day on, by ${f.date(by)}.`;

function sayTags(codes: readonly string[]): string {
  if (codes.length === 0) return '';
  const named = codes.slice(0, MOST_TAGS).map(formatTagCode).join(', ');
  return ` Tags: ${named}${codes.length > MOST_TAGS ? ' …' : ''}.`;
}
