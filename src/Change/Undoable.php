<?php

declare(strict_types=1);

namespace Wubbin\Change;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Refusal\Refusal;

/** Something whose changes can be taken back. */
#[AutoconfigureTag]
interface Undoable
{
    public function kind(): ChangeKind;

    /**
     * As it is on the disk now.
     *
     * @return array<array-key, mixed>
     *
     * @throws Refusal where there is no such thing any more
     */
    public function document(string $thing): array;

    /**
     * Puts it back as it was.
     *
     * @param array<array-key, mixed> $document
     *
     * @throws Refusal|BadRecord where it cannot be so any more
     */
    public function restore(string $thing, array $document): void;
}
