<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sweep;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Cases in which every combination of values of any two (or any three) dimensions comes up: a covering array, found
 * greedily and by a seed. As in D. M. Cohen et al., “The AETG System”, IEEE Transactions on Software Engineering 23
 * (1997), from memory.
 */
final class Covering
{
    /** So many cases are tried for each that is taken. */
    private const TRIES = 6;

    /** What stands in no name and in no value. */
    private const IS = "\1";
    private const NEXT = "\2";

    private Randomizer $random;

    /** @var list<list<string>> every two, or three, of the dimensions */
    private array $sets;

    /** @var array<string, true> combinations that are still to come up */
    private array $open = [];

    /** @param array<string, list<string>> $dimensions values by name */
    public function __construct(private readonly array $dimensions, private readonly int $strength, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->sets = $this->sets(array_keys($dimensions));
        foreach ($this->sets as $names) {
            foreach ($this->combined($names) as $values) {
                $this->open[self::key($values)] = true;
            }
        }
    }

    public function open(): int
    {
        return count($this->open);
    }

    /**
     * @param int $most cases at the most
     *
     * @return iterable<array<string, string>>
     */
    public function cases(int $most): iterable
    {
        for ($n = 0; $n < $most && [] !== $this->open; ++$n) {
            $wanted = self::values(array_key_first($this->open));
            [$best, $gain] = [[], -1];
            for ($try = 0; $try < self::TRIES; ++$try) {
                $case = $wanted + $this->drawn();
                $closes = 0;
                foreach ($this->keys($case) as $key) {
                    $closes += isset($this->open[$key]) ? 1 : 0;
                }
                if ($closes > $gain) {
                    [$best, $gain] = [$case, $closes];
                }
            }
            foreach ($this->keys($best) as $key) {
                unset($this->open[$key]);
            }
            yield $best;
        }
    }

    /** @return array<string, string> */
    private function drawn(): array
    {
        return array_map(
            fn(array $values): string => $values[$this->random->getInt(0, count($values) - 1)],
            $this->dimensions,
        );
    }

    /**
     * @param array<string, string> $case
     *
     * @return list<string>
     */
    private function keys(array $case): array
    {
        $keys = [];
        foreach ($this->sets as $names) {
            $values = [];
            foreach ($names as $name) {
                $values[$name] = $case[$name];
            }
            $keys[] = self::key($values);
        }

        return $keys;
    }

    /**
     * @param list<string> $names
     *
     * @return list<list<string>> every two, or three, of them
     */
    private function sets(array $names): array
    {
        $sets = [[]];
        for ($k = 0; $k < $this->strength; ++$k) {
            $longer = [];
            foreach ($sets as $set) {
                $from = [] === $set ? 0 : (int) array_search(end($set), $names, true) + 1;
                for ($i = $from; $i < count($names); ++$i) {
                    $longer[] = [...$set, $names[$i]];
                }
            }
            $sets = $longer;
        }

        return $sets;
    }

    /**
     * @param list<string> $names
     *
     * @return list<array<string, string>>
     */
    private function combined(array $names): array
    {
        $all = [[]];
        foreach ($names as $name) {
            $longer = [];
            foreach ($all as $one) {
                foreach ($this->dimensions[$name] as $value) {
                    $longer[] = $one + [$name => $value];
                }
            }
            $all = $longer;
        }

        return $all;
    }

    /** @param array<string, string> $values */
    private static function key(array $values): string
    {
        $key = '';
        foreach ($values as $name => $value) {
            $key .= $name . self::IS . $value . self::NEXT;
        }

        return $key;
    }

    /** @return array<string, string> */
    private static function values(string $key): array
    {
        $values = [];
        foreach (explode(self::NEXT, rtrim($key, self::NEXT)) as $pair) {
            [$name, $value] = explode(self::IS, $pair, 2);
            $values[$name] = $value;
        }

        return $values;
    }
}
