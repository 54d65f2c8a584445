<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Something that gets lost on the way into an ecosystem, and as what the hub of the device may show it there instead. */
final readonly class Wrappable
{
    private function __construct(public Want $want, public Wrapping $wrapping, public string $box) {}

    /**
     * What would reach the ecosystem without anything being bought, the first of each function that is lost.
     *
     * @return list<self>
     */
    public static function of(Impossible $lost, Household $household, Policy $policy): array
    {
        $placed = $household->device($lost->want->device);
        $box = $placed->hub === null ? null : $household->box($placed->hub);
        if ($box?->sheet->wraps !== true || $placed->wrapper !== null || $household->house()->isSafety($lost->want)) {
            return [];
        }
        $found = [];
        foreach ($lost->lost() as $capability) {
            foreach (Wrapping::whereLost($capability) as $wrapping) {
                $one = new Wrapper($placed->id, $wrapping, $box->id, $placed->name, [$lost->want->ecosystem]);
                $want = new Want($one->id(), $lost->want->ecosystem, [$wrapping->as()]);
                $plan = BridgePlan::of($household->with($one)->house(), [$want], $policy);
                if ($plan->countMet() === 1 && $plan->buying->ids() === []) {
                    $found[] = new self($lost->want, $wrapping, $box->id);
                    break;
                }
            }
        }

        return $found;
    }
}
