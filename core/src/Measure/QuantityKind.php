<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

enum QuantityKind: string
{
    /** Millimetres. */
    case Length = 'length';
    /** Width and height in millimetres. */
    case Size = 'size';
    /** Degrees Celsius. */
    case Temperature = 'temperature';
    /** Seconds. */
    case Duration = 'duration';
    /** Millimetres a second. */
    case Speed = 'speed';
    /** How many times. */
    case Count = 'count';
    /** Pixels an inch, in either system of units, because drivers and cameras speak no other. */
    case Resolution = 'resolution';
}
