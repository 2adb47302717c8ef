<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/**
 * A way to fill one sheet with pieces of several kinds. Kinds are told by their place in a list, sheets by their
 * ground: 0 is the empty sheet, of which there are as many as are wanted; the others are there once each.
 */
interface Filling
{
    /** @return list<int> what a piece of each kind takes up, in squares of the filling's unit */
    public function areas(): array;

    /** @return list<array{int, int}> width and height of each kind's box, in the filling's unit */
    public function boxes(): array;

    /** How many rules there are to choose a place by, from 0. */
    public function rules(): int;

    /** What there is to fill on a ground. */
    public function room(int $ground): int;

    /** @return list<int> the grounds that are there once */
    public function single(): array;

    /**
     * Fills one sheet from a pool, kind by kind in this order, and takes what lies on it out of the pool.
     *
     * @param array<int, int> $pool how many of each kind there are; kinds that run out are taken out
     * @param list<int> $order
     */
    public function fill(array &$pool, array $order, int $rule, int $ground): Packed;
}
