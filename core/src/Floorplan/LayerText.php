<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Site\Layer;

/** Layers as a person types them, from one face to the other: "plasterboard 12.5, brick 100", in millimetres; a sheet has none. */
final readonly class LayerText
{
    private const MOST_LAYERS = 10;

    private const THICKEST_MM = 2000.0;

    /**
     * @param  list<string>  $materials  that the tables know
     * @return list<Layer>
     *
     * @throws InvalidInput
     */
    public static function read(string $text, array $materials): array
    {
        $layers = [];
        foreach (preg_split('/\s*(?:[;+]|,(?!\d))\s*/u', trim($text)) ?: [] as $number => $part) {
            $at = 'layer '.($number + 1);
            if (preg_match('/^(\S+?)(?:\s+(\d+(?:[.,]\d+)?)\s*(?:mm)?)?$/u', $part, $found) !== 1) {
                throw InvalidInput::wrongType($at, 'a material and its millimetres, such as “brick 100”');
            }
            if (! in_array($found[1], $materials, true)) {
                throw InvalidInput::unknownWord($at, $found[1], $materials);
            }
            $millimetres = (float) str_replace(',', '.', $found[2] ?? '0');
            if ($millimetres > self::THICKEST_MM) {
                throw InvalidInput::outOfRange($at, 'at most 2000 mm thick');
            }
            $layers[] = new Layer($found[1], $millimetres / 1000);
        }

        return count($layers) <= self::MOST_LAYERS
            ? $layers
            : throw InvalidInput::tooLarge('layers', 'at most '.self::MOST_LAYERS.' layers');
    }

    /** @param list<Layer> $layers */
    public static function of(array $layers): string
    {
        return implode(', ', array_map(static fn (Layer $layer): string => $layer->thickness > 0
            ? $layer->material.' '.round($layer->thickness * 1000, 1)
            : $layer->material, $layers));
    }
}
