<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\Vec3;

/**
 * Which of a job's hubs a device goes to, and why. Two hubs of one protocol are two networks: the nearer is proposed, because a
 * second one is bought where the first does not reach; whoever would rather keep one network whole chooses by hand.
 */
final readonly class HubChoice
{
    private function __construct(
        private Protocol $protocol,
        public ?string $hub,
        public HubReason $reason,
        private int $of,
        private float $metres,
    ) {}

    /**
     * @param  list<HubOffer>  $hubs  in the order of the plan
     * @param  string|null  $chosen  by a person; counts as long as it is in the job and may speak the protocol
     */
    public static function of(Protocol $protocol, Vec3 $place, array $hubs, ?string $chosen): self
    {
        foreach ($hubs as $hub) {
            if ($hub->id === $chosen && $hub->maySpeak($protocol)) {
                return self::at($protocol, $place, $hub, HubReason::Chosen, count($hubs));
            }
        }
        $opens = array_values(array_filter($hubs, static fn (HubOffer $hub): bool => $hub->opens($protocol)));
        $speaks = array_values(array_filter($hubs, static fn (HubOffer $hub): bool => $hub->speaks($protocol)));
        $among = $opens === [] ? $speaks : $opens;

        return match (true) {
            $among === [] => new self($protocol, null, HubReason::None, 0, 0.0),
            count($hubs) === 1 => self::at($protocol, $place, $among[0], HubReason::Only, 1),
            count($among) === 1 => self::at(
                $protocol,
                $place,
                $among[0],
                $opens === [] ? HubReason::SpeaksAlone : HubReason::OpensAlone,
                1,
            ),
            default => self::at(
                $protocol,
                $place,
                self::nearest($place, $among),
                $opens === [] ? HubReason::NearestToSpeak : HubReason::NearestToOpen,
                count($among),
            ),
        };
    }

    /**
     * The one that most of a protocol's devices would go to: one that opens its windows before one that only speaks it, the first of
     * them.
     *
     * @param  list<HubOffer>  $hubs  in the order of the plan
     * @return string|null null when no hub speaks it
     */
    public static function mainOf(Protocol $protocol, array $hubs): ?string
    {
        foreach ($hubs as $hub) {
            if ($hub->opens($protocol)) {
                return $hub->id;
            }
        }
        foreach ($hubs as $hub) {
            if ($hub->speaks($protocol)) {
                return $hub->id;
            }
        }

        return null;
    }

    /** A sentence; null where the job leaves no choice. */
    public function words(): ?string
    {
        $title = $this->protocol->title();
        $metres = number_format($this->metres, 1);

        return match ($this->reason) {
            HubReason::Only => null,
            HubReason::None => "No hub of this job speaks {$title}.",
            HubReason::Chosen => 'Somebody chose it for this device.',
            HubReason::OpensAlone => "It alone opens {$title} windows over its link.",
            HubReason::SpeaksAlone => "It alone speaks {$title}.",
            HubReason::NearestToOpen => "Of {$this->of} hubs that open {$title} windows it stands nearest, {$metres} m away.",
            HubReason::NearestToSpeak => "Of {$this->of} hubs that speak {$title} it stands nearest, {$metres} m away.",
        };
    }

    /** @param non-empty-list<HubOffer> $hubs */
    private static function nearest(Vec3 $place, array $hubs): HubOffer
    {
        $nearest = $hubs[0];
        foreach ($hubs as $hub) {
            $nearest = $hub->place->distanceTo($place) < $nearest->place->distanceTo($place) ? $hub : $nearest;
        }

        return $nearest;
    }

    private static function at(Protocol $protocol, Vec3 $place, HubOffer $hub, HubReason $reason, int $of): self
    {
        return new self($protocol, $hub->id, $reason, $of, $hub->place->distanceTo($place));
    }
}
