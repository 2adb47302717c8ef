<?php

declare(strict_types=1);

namespace Wubbin\Lettering;

use Symfony\Contracts\Cache\CacheInterface;
use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\Fitter;
use Wubbin\Core\Lettering\Typeface;

/** The typefaces that ship with Wubbin: free families, as their makers publish them. */
final class Typefaces
{
    private const FAMILIES = 'node_modules/@expo-google-fonts/';

    /** @var array<string, Typeface> */
    private array $known = [];

    public function __construct(private readonly string $projectDirectory, private readonly CacheInterface $cache) {}

    public function get(Face $face): Typeface
    {
        return $this->known[$face->value] ??= new ShippedTypeface(
            $face,
            $this->projectDirectory .
                '/' .
                self::FAMILIES .
                match ($face) {
                    Face::Upright => 'noto-sans/500Medium/NotoSans_500Medium.ttf',
                    Face::Bold => 'noto-sans/800ExtraBold/NotoSans_800ExtraBold.ttf',
                    Face::Serif => 'noto-serif/600SemiBold/NotoSerif_600SemiBold.ttf',
                    Face::Slab => 'zilla-slab/700Bold/ZillaSlab_700Bold.ttf',
                    Face::Script => 'pacifico/400Regular/Pacifico_400Regular.ttf',
                    Face::Stencil => 'allerta-stencil/AllertaStencil_400Regular.ttf',
                },
        );
    }

    /** How wide a stroke is against a capital's height: kept, since reading a font takes longer than a look may. */
    public function stem(Face $face): float
    {
        return $this->cache->get('stem.' . $face->value, fn(): float => $this->get($face)->stem());
    }

    public function fitter(Face $face): Fitter
    {
        return new Fitter($this->get($face));
    }
}
