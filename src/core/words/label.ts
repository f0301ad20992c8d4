/** What each part of a care label limits, by the rule's id. */
export const LABEL_WORDS: Readonly<Record<string, string>> = {
  'label-wash-temperature': 'The number in the tub is the warmest water the label allows.',
  'label-wash-action': 'One line under the tub means gentle, two very gentle, a hand in the tub by hand only.',
  'label-hand-wash-40': 'A hand in the tub also means 40 °C at most.',
  'label-do-not-wash': 'A crossed-out tub keeps it out of water altogether; a damp cloth remains.',
  'label-bleach': 'An empty triangle allows any bleach, two lines in it oxygen only, a crossed-out one none.',
  'label-tumble':
    'A circle in a square allows the dryer: two dots normal (exhaust up to 80 °C), one dot low (up to 60 °C), crossed out none.',
  'label-drip': 'Two or three upright lines in a square mean drip dry: it is hung as wet as it comes out, without a spin.',
  'label-iron': 'The dots in the iron are the hottest sole plate: 110, 150 or 200 °C; crossed out, none.',
};
