<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

enum Units: string
{
    case Metric = 'metric';
    case Us = 'us';
}
