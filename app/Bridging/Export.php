<?php

declare(strict_types=1);

namespace App\Bridging;

use Kavvel\Core\Bridging\LinkAtHand;

/** What a box shows in one form, and who takes that in. */
final readonly class Export
{
    /**
     * @param  list<string>  $devices  keys of slots
     * @param  list<string>  $takers  names of ecosystems and boxes
     */
    private function __construct(public string $box, public string $form, public array $devices, public array $takers) {}

    /** @return list<self> all that is linked */
    public static function all(JobBridging $bridging): array
    {
        $showings = Showings::of($bridging);
        $made = array_filter(
            $bridging->links(),
            static fn (LinkAtHand $one): bool => $one->link->from !== null && $one->run->isMade(),
        );
        $takers = [];
        foreach ($made as $one) {
            $takers[serialize([$one->link->from, $one->link->form])][] = $one->link->isIntoEcosystem
                ? $bridging->ecosystems[$one->link->to]->name
                : $bridging->boxName($one->link->to);
        }
        $exports = [];
        foreach ($takers as $key => $names) {
            [$box, $form] = unserialize($key, ['allowed_classes' => false]);
            $exports[] = new self($bridging->boxName($box), $form, $showings->exportedBy($box, $form), $names);
        }

        return $exports;
    }
}
