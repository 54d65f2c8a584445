<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What is said before one device is taken out of an ecosystem: what else goes, how it is done instead, and how it comes back. */
final readonly class RemovalAdvice
{
    /** @param list<string> $alsoRemoves devices that go with it where it is deleted there, sorted */
    private function __construct(
        public string $device,
        public string $ecosystem,
        public array $alsoRemoves,
        public string $how,
        public string $back,
    ) {}

    /** @return list<self> for every path, in its order */
    public static function all(BridgePlan $plan, House $house): array
    {
        $also = $shows = [];
        foreach ($plan->worthwhile() as $path) {
            $shows[$path->want->ecosystem][] = $path->want->device;
        }
        foreach ($plan->removals as $removal) {
            $also[serialize([$removal->device, $removal->ecosystem])] = array_values(array_intersect(
                $removal->alsoRemoves,
                $shows[$removal->ecosystem] ?? [],
            ));
        }

        return array_map(static fn (Path $path): self => new self(
            $path->want->device,
            $path->want->ecosystem,
            $also[serialize([$path->want->device, $path->want->ecosystem])] ?? [],
            self::how($path, $house->ecosystem($path->want->ecosystem)),
            $path->way->isShare()
                ? 'It comes back by a new window and a new code; its name and room are set anew.'
                : 'Back in the list it shows again; its name and room are set anew, and what used it there is mended.',
        ), $plan->paths);
    }

    private static function how(Path $path, Ecosystem $ecosystem): string
    {
        $box = $path->way->lastBox();

        return match (true) {
            $box === null => "Take it out in {$ecosystem->name}: it came by itself, and goes by itself.",
            $path->way->form !== Form::MATTER_BRIDGE || $ecosystem->removal === Removal::Single => 'Take it out of the list of what '
                ."{$box->name} shows, then out of {$ecosystem->name}.",
            default => "Do not delete it in {$ecosystem->name}. Take it out of the list of what {$box->name} shows: it leaves by itself, "
                .'and the others stay.',
        };
    }
}
