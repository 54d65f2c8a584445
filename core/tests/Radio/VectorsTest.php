<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Cli\CommandLine;
use Kavvel\Core\Radio\Material;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The radio model against vectors that were computed apart from this code. */
final class VectorsTest extends TestCase
{
    /** @param array{material: string, thickness: float, frequencyMHz: float, lossDb: float} $layer */
    #[DataProvider('layers')]
    public function test_layer_costs_what_the_vector_says(array $layer): void
    {
        $loss = Material::named($layer['material'], $layer['frequencyMHz'])->lossDb($layer['thickness']);

        self::assertSame($layer['lossDb'], round($loss, 2));
    }

    /**
     * @param  array<string, mixed>  $in
     * @param  array<string, mixed>  $out
     */
    #[DataProvider('links')]
    public function test_link_comes_to_what_the_vector_says(array $in, array $out): void
    {
        [$exit, $json] = CommandLine::answer('link', (string) json_encode($in));
        $answer = (array) json_decode($json, true);

        self::assertSame(0, $exit);
        self::assertEquals($out, array_intersect_key($answer, $out));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function layers(): iterable
    {
        foreach (self::vectors()['layers'] as $layer) {
            yield "{$layer['material']} {$layer['thickness']} m at {$layer['frequencyMHz']} MHz" => [$layer];
        }
    }

    /** @return iterable<int, array{array<string, mixed>, array<string, mixed>}> */
    public static function links(): iterable
    {
        foreach (self::vectors()['links'] as $link) {
            yield [$link['in'], $link['out']];
        }
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function vectors(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../vectors/radio.json'), true, 512, JSON_THROW_ON_ERROR);
    }
}
