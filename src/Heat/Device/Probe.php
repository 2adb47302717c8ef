<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

/** A thermometer that is laid where it matters. */
interface Probe
{
    /**
     * @return float °C
     *
     * @throws DeviceTrouble where it does not answer
     */
    public function celsius(): float;
}
