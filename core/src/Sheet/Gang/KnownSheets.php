<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet\Gang;

/** Remembers how sheets were filled: the same pieces on the same paper always fill it the same way. */
interface KnownSheets
{
    /**
     * @param string $what tells everything that the filling hangs on
     * @param \Closure(): list<GangSheet> $fill
     *
     * @return list<GangSheet>
     */
    public function of(string $what, \Closure $fill): array;

    /**
     * What a search has found for just these pieces, that takes fewer sheets than a filling without one.
     *
     * @param string $what tells everything that it hangs on
     *
     * @return list<list<GangPlace>>|null sheet by sheet; null where nobody has searched, or nothing was found
     */
    public function found(string $what): ?array;
}
