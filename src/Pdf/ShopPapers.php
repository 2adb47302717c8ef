<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\Refusal;

/** Papers of this shop, on the size that it prints them on. */
final readonly class ShopPapers
{
    public function __construct(private PaperPress $press, private SettingsStore $settings) {}

    public function size(): PaperSize
    {
        return PaperSize::from($this->settings->get()->paper);
    }

    /**
     * @return string the PDF
     *
     * @throws Refusal where it cannot be laid out
     */
    public function press(Paper $paper): string
    {
        return $this->press->press($paper);
    }
}
