<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Fabrics;
use Kavvel\Core\Bridging\Impossible;
use Kavvel\Core\Bridging\Loss;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\SharedRemoval;
use Kavvel\Core\Input\Input;

final readonly class BridgeVerb implements Verb
{
    public function answer(Input $input): array
    {
        $read = new BridgeInput($input);
        $house = $read->house();
        $plan = BridgePlan::of(
            $house,
            $read->wants(),
            Policy::from($input->get('policy')->word(array_column(Policy::cases(), 'value'))),
        );

        return [
            'buy' => $plan->buying->ids(),
            'cost' => self::plain($plan->buying->cost),
            'yearlyCost' => self::plain($plan->buying->yearlyCost),
            'paths' => array_map(static fn (Path $path): array => self::path($path, $house->device($path->want->device)), $plan->paths),
            'impossible' => array_map(static fn (Impossible $one): array => [
                'device' => $one->want->device, 'ecosystem' => $one->want->ecosystem, 'because' => $one->because(),
            ], $plan->impossible),
            'removal' => array_map(static fn (SharedRemoval $one): array => [
                'ecosystem' => $one->ecosystem, 'device' => $one->device, 'alsoRemoves' => $one->alsoRemoves,
            ], $plan->removals),
            'fabrics' => array_map(static fn (Fabrics $one): array => [
                'device' => $one->device, 'used' => $one->used, 'limit' => $one->limit,
            ], $plan->fabrics),
        ];
    }

    /** @return array<string, mixed> */
    private static function path(Path $path, Device $device): array
    {
        return [
            'device' => $path->want->device,
            'ecosystem' => $path->want->ecosystem,
            'via' => $path->way->via(),
            'local' => $path->way->isLocal,
            'latencyMs' => self::plain($path->way->latencyMs),
            'keeps' => $path->way->keeps(),
            'loses' => array_map(static fn (Loss $loss): array => [
                'capability' => $loss->capability, 'at' => $loss->at, 'because' => $loss->because($device),
            ], $path->losses()),
            'possible' => $path->isMet(),
        ];
    }

    /** Whole numbers as such. */
    private static function plain(float $number): int|float
    {
        return floor($number) === $number ? (int) $number : $number;
    }
}
