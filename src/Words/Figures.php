<?php

declare(strict_types=1);

namespace Wubbin\Words;

/**
 * How plain the words are, counted: how long sentences are, how many words are rare, and what is wrong with which.
 *
 * Limits are those that this project set itself; common practice in plain writing is 15 to 20 words a sentence.
 */
final readonly class Figures
{
    /** A sentence of more words than this is long; of more than the other, too long. */
    public const LONG = 20;
    public const TOO_LONG = 30;

    /** So large a share of sentences may be long, and so large a share of words rare. */
    public const LONG_SHARE = 0.05;
    public const RARE_SHARE = 0.02;

    /** Words that this project made up for itself, and nobody else says so. */
    private const OURS =
        '/\b(told|laid|kept|seen|reckon(ed|s)?|dear|(it|they|job) wants?|makes differ|go another way|' .
        'tak(e|es|en|ing) (in|off)|give it its light|a breath of)\b/iu';

    /** The same words twice, one after the other. */
    private const TWICE = '/\b(\p{L}+(?:[ ,]+\p{L}+){0,4})[ ,]+\1\b/iu';

    /**
     * @param int $sentences how many sentences there are
     * @param int $words how many words
     * @param list<Said> $long sentences of more than 20 words
     * @param list<Said> $tooLong sentences of more than 30
     * @param array<string, int> $rare how often each rare word stands there
     * @param list<Said> $faults sentences with something wrong in them
     */
    private function __construct(
        public int $sentences,
        public int $words,
        public array $long,
        public array $tooLong,
        public array $rare,
        public array $faults,
    ) {}

    /**
     * @param list<Said> $all
     * @param callable(list<string>): list<string> $rare which of some words are rare
     */
    public static function of(array $all, callable $rare): self
    {
        $count = 0;
        [$words, $long, $tooLong, $faults] = [[], [], [], []];
        foreach ($all as $said) {
            foreach ($said->sentences() as $sentence) {
                ++$count;
                // What is filled in is a word or more.
                $length = count(Said::words($sentence)) + substr_count($sentence, '…');
                if ($length > self::LONG) {
                    $long[] = new Said($said->where, $sentence);
                }
                if ($length > self::TOO_LONG) {
                    $tooLong[] = new Said($said->where, $sentence);
                }
            }
            foreach (self::wrong($said->text) as $what) {
                $faults[] = new Said($said->where, $what . ': ' . $said->text);
            }
            foreach (Said::words($said->text) as $word) {
                $word = self::plain($word);
                $words[$word] = ($words[$word] ?? 0) + 1;
            }
        }
        $found = array_intersect_key($words, array_flip($rare(array_map(strval(...), array_keys($words)))));
        arsort($found);

        return new self($count, array_sum($words), $long, $tooLong, $found, $faults);
    }

    public function longShare(): float
    {
        return count($this->long) / max(1, $this->sentences);
    }

    public function rareShare(): float
    {
        return array_sum($this->rare) / max(1, $this->words);
    }

    /** @return bool whether the words are plain enough */
    public function hold(): bool
    {
        return $this->longShare() <= self::LONG_SHARE &&
            [] === $this->tooLong &&
            $this->rareShare() <= self::RARE_SHARE &&
            [] === $this->faults;
    }

    /** @return list<string> */
    private static function wrong(string $text): array
    {
        $ends = 1 === preg_match('/\p{L}{2,}[.!?]$/u', $text);

        return array_keys(
            array_filter([
                'begins small' =>
                    ($ends && 1 === preg_match('/^\p{Ll}/u', $text)) ||
                    1 === preg_match('/\p{Ll}{2}[.!?] \p{Ll}/u', $text),
                'says it twice' => 1 === preg_match(self::TWICE, $text),
                'our own word' => 1 === preg_match(self::OURS, $text),
            ]),
        );
    }

    /** As a list of words has it: small, with a straight apostrophe, and without the owner’s s. */
    private static function plain(string $word): string
    {
        return (string) preg_replace("/'s$/", '', mb_strtolower(strtr($word, ['’' => "'"])));
    }
}
