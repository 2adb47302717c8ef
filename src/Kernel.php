<?php

declare(strict_types=1);

namespace Wubbin;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\Clock\Clock;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;
use Wubbin\Serve\OtherClock;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function boot(): void
    {
        $set = getenv(OtherClock::VARIABLE);
        if (false !== $set && '' !== $set) {
            Clock::set(OtherClock::setBy($set));
        }
        parent::boot();
    }
}
