<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\LayerText;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Material;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LayerTextTest extends TestCase
{
    public function test_layers_are_read_as_they_are_typed_and_written_as_they_are_read(): void
    {
        foreach (['plasterboard 12.5, foil, brick 100', 'plasterboard 12,5 mm; foil + brick 100mm'] as $typed) {
            $layers = LayerText::read($typed, Material::names());

            self::assertSame([['plasterboard', 0.0125], ['foil', 0.0], ['brick', 0.1]], array_map(
                static fn ($layer): array => [$layer->material, $layer->thickness],
                $layers,
            ));
            self::assertSame('plasterboard 12.5, foil, brick 100', LayerText::of($layers));
        }
        self::assertSame(2.0, LayerText::read('concrete 2000', Material::names())[0]->thickness);
        self::assertCount(10, LayerText::read(implode(', ', array_fill(0, 10, 'brick 100')), Material::names()));
    }

    #[DataProvider('broken')]
    public function test_what_is_no_layer_is_named(string $at, string $typed): void
    {
        try {
            LayerText::read($typed, Material::names());
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($at, $refused->at);
        }
    }

    /** @return list<array{string, string}> */
    public static function broken(): array
    {
        return [
            ['layer 1', ''], ['layer 2', 'brick 100, custard 20'], ['layer 1', 'brick thick'], ['layer 1', 'concrete 2001'],
            ['layers', implode(', ', array_fill(0, 11, 'brick 100'))],
        ];
    }
}
