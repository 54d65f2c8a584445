<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Site\UnknownMaterial;

/**
 * What a material takes from a 0.4–6 GHz signal.
 *
 * Rows of ITU-R P.2040-3 (table 3): relative permittivity η′ = a·f^b, conductivity σ = c·f^d (f in GHz,
 * σ in S/m). The other names are assumptions of this project, kept in ASSUMED_* alone.
 */
final readonly class Material
{
    /** name => [a, b, c, d, valid from GHz] (ITU-R P.2040-3) */
    private const STANDARD = [
        'concrete' => [5.24, 0.0, 0.0462, 0.7822, 1.0],
        'brick' => [3.91, 0.0, 0.0238, 0.16, 1.0],
        'plasterboard' => [2.73, 0.0, 0.0085, 0.9395, 1.0],
        'wood' => [1.99, 0.0, 0.0047, 1.0718, 0.001],
        'glass' => [6.31, 0.0, 0.0036, 1.3394, 0.1],
        'chipboard' => [2.58, 0.0, 0.0217, 0.78, 1.0],
        'floorboard' => [3.66, 0.0, 0.0044, 1.3515, 50.0],
        'marble' => [7.074, 0.0, 0.0055, 0.9262, 1.0],
    ];

    /** name => dB per sheet or leaf, at any frequency (assumption) */
    private const ASSUMED_FLAT_DB = [
        'foil' => 20.0,
        'foil-floor' => 20.0,
        'low-e-glass' => 24.0,
        'mirror' => 20.0,
        'steel-door' => 25.0,
        'metal-lath' => 15.0,
        'water-tank' => 25.0,
        'tiled-wet' => 3.0,
    ];

    /** Relative permittivity of assumed materials (assumption) */
    private const ASSUMED_PERMITTIVITY = 6.0;

    /** Granite, solid or rubble: dB per metre at two frequencies, linear between and beyond, plus its faces (assumption) */
    private const GRANITE_LOW = ['ghz' => 0.868, 'dbPerMetre' => 15.0];

    private const GRANITE_HIGH = ['ghz' => 2.44, 'dbPerMetre' => 30.0];

    private const GRANITE_FACES_DB = 2.0;

    /** What steel in concrete adds (assumption) */
    private const REINFORCEMENT_DB = 6.0;

    /** dB per metre for σ in S/m over √η′ (ITU-R P.2040-3, eq. 10 for low-loss dielectrics) */
    private const ABSORPTION = 1636.0;

    private function __construct(
        public string $name,
        private float $permittivity,
        private float $dbPerMetre,
        private float $fixedDb,
        public bool $extrapolated,
    ) {}

    /** @throws InvalidInput on a name that is not in the tables */
    public static function named(string $name, float $frequencyMHz, string $at = 'material'): self
    {
        $ghz = $frequencyMHz / 1000;
        if ($name === 'granite') {
            return new self($name, self::ASSUMED_PERMITTIVITY, self::granite($ghz), self::GRANITE_FACES_DB, false);
        }
        if (isset(self::ASSUMED_FLAT_DB[$name])) {
            return new self($name, self::ASSUMED_PERMITTIVITY, 0.0, self::ASSUMED_FLAT_DB[$name], false);
        }
        $row = self::STANDARD[$name === 'reinforced-concrete' ? 'concrete' : $name] ?? null;
        if ($row === null) {
            throw UnknownMaterial::called($name, $at);
        }
        [$a, $b, $c, $d, $validFromGhz] = $row;
        $permittivity = $a * $ghz ** $b;
        $root = sqrt($permittivity);
        $reflected = ((1 - $root) / (1 + $root)) ** 2;
        $faces = -2 * 10 * log10(1 - $reflected);

        return new self(
            $name,
            $permittivity,
            self::ABSORPTION * ($c * $ghz ** $d) / $root,
            $faces + ($name === 'reinforced-concrete' ? self::REINFORCEMENT_DB : 0.0),
            $ghz < $validFromGhz,
        );
    }

    /** @return list<string> every name that named() takes */
    public static function names(): array
    {
        return [...array_keys(self::STANDARD), 'reinforced-concrete', 'granite', ...array_keys(self::ASSUMED_FLAT_DB)];
    }

    /** It takes the same whatever its thickness. */
    public function isFlat(): bool
    {
        return $this->dbPerMetre === 0.0;
    }

    /** dB for a thickness in metres; the cosine is that of the ray to the normal, outside the material. */
    public function lossDb(float $thickness, float $cosine = 1.0): float
    {
        $sineSquared = 1 - min(1.0, $cosine) ** 2;
        $inside = sqrt(1 - $sineSquared / $this->permittivity);

        return $this->dbPerMetre * $thickness / $inside + $this->fixedDb;
    }

    private static function granite(float $ghz): float
    {
        ['ghz' => $low, 'dbPerMetre' => $atLow] = self::GRANITE_LOW;
        ['ghz' => $high, 'dbPerMetre' => $atHigh] = self::GRANITE_HIGH;

        return max(0.0, $atLow + ($atHigh - $atLow) / ($high - $low) * ($ghz - $low));
    }
}
