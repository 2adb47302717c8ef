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
            self::WrongSide => 'Wrong side: the picture is on the back, the print side is blank.',
            self::MirroredTwice
                => 'Mirrored twice, by the file and by the driver: it reads right, and would come out backwards.',
            self::NotMirrored => 'Not mirrored: neither the file nor the driver did it.',
            self::MirroredUnasked => 'The driver has mirrored what is printed as it reads.',
            self::Smeared => 'The print smears: there is no coat there that takes this ink.',
            self::Jammed => 'It jams: the loose edge of the carrier goes in first.',
            self::Harmed => 'This sheet would spoil the printer: nothing is printed.',
        };
    }

    public function mend(): string
    {
        return match ($this) {
            self::WrongSide => 'Turn the sheet over in the tray, or do the feed test anew.',
            self::MirroredTwice, self::MirroredUnasked => 'Turn “mirror” off in the driver.',
            self::NotMirrored
                => 'Turn “mirror” on in the driver, or let Wubbin’s file mirror: it is a setting of the printer.',
            self::Smeared => 'Print on the print side, with what the sheet is made for.',
            self::Jammed => 'Lay the folded edge in first.',
            self::Harmed => 'Take a printer that this sheet is made for.',
        };
    }
}
