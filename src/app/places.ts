import { BookOpen, CalendarDays, Clock, FlaskConical, Layers, Ruler, ScrollText } from 'lucide-react';

/** Places that are built. A place not built yet is absent. */
export const PLACES = [
  { key: 'n', path: '/', name: 'Now', icon: Clock },
  { key: 'k', path: '/kit', name: 'Kit', icon: Layers },
  { key: 'w', path: '/wash-day', name: 'Wash day', icon: CalendarDays },
  { key: 'b', path: '/bench', name: 'Bench', icon: Ruler },
  { key: 'c', path: '/cupboard', name: 'Cupboard', icon: FlaskConical },
  { key: 'r', path: '/record', name: 'Record', icon: ScrollText },
  { key: 'h', path: '/handbook', name: 'Handbook', icon: BookOpen },
] as const;
