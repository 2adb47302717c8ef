<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

/** A press that can be set and read. */
interface PressDevice
{
    /** @throws DeviceTrouble where it cannot be set so */
    public function set(float $celsius): void;

    public function close(): void;

    public function open(): void;

    /** Counts seconds from now on, and beeps when they are over. */
    public function start(float $seconds): void;

    /** @throws DeviceTrouble where it does not answer */
    public function state(): PressState;
}
