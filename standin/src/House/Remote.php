<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\LearnKey;
use Kavvel\Core\Pairing\LearnSheet;
use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Protocol\Protocol;

/** The remote that came with a device: its keys, what each sends, and which of them the hub's own list of codes has. */
final readonly class Remote
{
    /**
     * @param  list<string>  $keys
     * @param  list<string>  $lacks  keys that the preset gets wrong
     */
    private function __construct(public array $keys, private string $unit, private array $lacks, public bool $hasPreset) {}

    /** @param Input|null $truth `toggles`, `lacks`, `preset` of the overlay */
    public static function of(int $seed, string $unit, Profile $profile, ?Input $truth): ?self
    {
        if ($profile->protocol->rules()->joining() !== Joining::Taught) {
            return null;
        }
        $wanted = LearnSheet::wanted($profile, $truth?->find('toggles')?->flag() ?? false);

        return new self(
            array_map(static fn (LearnKey $key): string => $key->name, $wanted),
            // Infrared remotes of one model send alike; one of 433 MHz has a number of its own.
            "{$seed} remote ".($profile->protocol === Protocol::Infrared ? $profile->model : $unit),
            array_map(static fn (Input $key): string => $key->text(), $truth?->find('lacks')?->items() ?? []),
            $truth?->find('preset')?->flag() ?? true,
        );
    }

    /** What it sends, as a hub writes such codes down. */
    public function signal(string $key): string
    {
        return rtrim(strtr(base64_encode(hash('sha512', "{$this->unit} {$key}", true)), '+/', '-_'), '=');
    }

    public function isInPreset(string $key): bool
    {
        return $this->hasPreset && ! in_array($key, $this->lacks, true);
    }
}
