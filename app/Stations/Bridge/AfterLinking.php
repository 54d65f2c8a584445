<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use Kavvel\Core\Bridging\Excess;
use Kavvel\Core\Bridging\NameCell;

/** What is to be done in an ecosystem once it is linked, before anything is proved there: what shows twice goes, names are set. */
final readonly class AfterLinking
{
    /** @param array<string, NameCell> $cells names that are to be set, by slot after a blank */
    private function __construct(public Ecosystem $ecosystem, public ?Excess $excess, public array $cells, public ?BridgeBox $box) {}

    /** @param string|null $only the ecosystem that somebody looks at; null: the first with something to do */
    public static function of(JobBridging $bridging, Showings $showings, ?string $only = null): ?self
    {
        $moving = array_map(static fn (BridgeLink $one): ?string => $one->ecosystem_key, $bridging->leftOver());
        foreach ($bridging->ecosystems as $key => $ecosystem) {
            if ($only !== null && $only !== $key) {
                continue;
            }
            $all = $showings->sighting((string) $key)?->excess() ?? [];
            // What only should not show may have been there before, and while an old path is replaced both are meant to be there: that
            // is no work until somebody looks at it.
            $isMoving = in_array((string) $key, $moving, true);
            $isWork = static fn (Excess $one): bool => $only !== null || (! $isMoving && $one->twins !== []);
            $excess = array_values(array_filter($all, $isWork))[0] ?? null;
            $cells = $excess === null ? $showings->toSet((string) $key) : [];
            if ($excess !== null || $cells !== []) {
                return new self($ecosystem, $excess, $cells, self::box($bridging, $excess));
            }
        }

        return null;
    }

    /** An answer of the ecosystem is waited for. */
    public function isWaiting(): bool
    {
        return $this->ecosystem->isAsked() || $this->box?->isAsked() === true;
    }

    public function minutes(): int
    {
        return NameCell::minutes($this->cells);
    }

    /** What a person looked at, so that nothing else is said to be done. */
    public function mark(): string
    {
        return hash('xxh128', serialize(array_map(
            static fn (NameCell $cell): array => [$cell->meant->name, $cell->meant->room],
            $this->cells,
        )));
    }

    /** The box whose list can be made right over its own link. */
    private static function box(JobBridging $bridging, ?Excess $excess): ?BridgeBox
    {
        foreach ($bridging->boxes as $box) {
            if ($box->name === $excess?->over && $box->url !== null) {
                return $box;
            }
        }

        return null;
    }
}
