<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

/** Something that went wrong with a sheet between file and tray. */
enum PrintFault: string
{
    case WrongSide = 'wrong-side';
    case MirroredTwice = 'mirrored-twice';
    case NotMirrored = 'not-mirrored';
    case MirroredUnasked = 'mirrored-unasked';
    case Smeared = 'smeared';
    case Jammed = 'jammed';
    case Harmed = 'harmed';

    public function message(): string
    {
        return match ($this) {
            self::WrongSide => 'Wrong side. The picture is on the back, and the print side is empty.',
            self::MirroredTwice
                => 'Mirrored twice, by the file and by the driver. On the piece it would read backwards.',
            self::NotMirrored => 'Not mirrored. Neither the file nor the driver did it.',
            self::MirroredUnasked => 'The driver has mirrored a sheet that must not be mirrored.',
            self::Smeared => 'The print smears, because this side has no coat for this ink.',
            self::Jammed => 'It jams, because the loose edge of the carrier goes in first.',
            self::Harmed => 'This sheet would damage the printer, so nothing is printed.',
        };
    }

    public function mend(): string
    {
        return match ($this) {
            self::WrongSide => 'Turn the sheet over in the tray, or do the feed test again.',
            self::MirroredTwice, self::MirroredUnasked => 'Switch “mirror” off in the driver.',
            self::NotMirrored
                => 'Switch “mirror” on in the driver. Or let Wubbin mirror the file: that is a setting of the printer.',
            self::Smeared => 'Print on the print side, with the ink that the sheet is made for.',
            self::Jammed => 'Put the folded edge in first.',
            self::Harmed => 'Use a printer that this sheet is made for.',
        };
    }
}
