<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Node;
use App\Models\Slot;
use App\Plan\PlanSlot;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\Standing;
use Kavvel\Core\Radio\Mounting;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/** A slot with all that pages say of it. Behind: key of the slot of its bridge. */
final readonly class SlotCard
{
    /** The device has confirmed its name */
    public bool $isNamed;

    /** It has a device, and the device is on its network: one that has left counts as out */
    private bool $isIn;

    private string $key;

    private string $title;

    /** "landing siren", in the middle of a sentence */
    public string $called;

    private Vec3 $position;

    public function __construct(
        public Slot $slot,
        public Profile $profile,
        public int $roomId,
        public string $room,
        public string $storey,
        public string $storeyName,
        public ?Node $node,
        public ?Hub $hub,
        public Ladder $ladder,
        public ?SlotForecast $forecast,
        private bool $isFitted = false,
        private bool $isFittedFirst = false,
        public ?string $behind = null,
    ) {
        // Read as stored, once: a page asks for these thousands of times.
        $stored = $slot->getAttributes();
        $this->key = $stored['key'];
        $this->isNamed = $stored['named_at'] !== null;
        $this->called = trim("{$stored['place']} {$stored['what']}");
        $this->title = Str::ucfirst($this->called);
        $this->isIn = $node !== null && $node->getAttributes()['state'] !== Node::LEFT;
        $this->position = new Vec3((float) $stored['x'], (float) $stored['y'], (float) $stored['z']);
    }

    public function key(): string
    {
        return $this->key;
    }

    public function title(): string
    {
        return $this->title;
    }

    /** "Chart room, ground" */
    public function where(): string
    {
        return $this->room === $this->storeyName ? $this->room : "{$this->room}, ".mb_strtolower($this->storeyName);
    }

    /** "Reading lamp, chart room" */
    public function fullTitle(): string
    {
        return $this->title().', '.mb_strtolower($this->room);
    }

    /** "chart room reading lamp", in the middle of a sentence */
    public function calledInRoom(): string
    {
        return mb_strtolower($this->room)." {$this->called}";
    }

    public function tag(): string
    {
        return $this->profile->protocol->tag();
    }

    public function standing(): Standing
    {
        return $this->ladder->standing();
    }

    public function isIn(): bool
    {
        return $this->isIn;
    }

    /** Where it is switched on: its circuit as the board names it, or what was noted. */
    public function feed(): ?string
    {
        $label = $this->slot->getAttributes()['circuit_label'] ?? null;

        return $label === null
            ? $this->slot->feed
            : trim($this->slot->getAttributes()['circuit_breaker'].', “'.Str::lcfirst($label).'”', ', ');
    }

    /** It goes into the wall: its circuit is off while that is done. */
    public function isWired(): bool
    {
        return $this->profile->fitSheet !== null;
    }

    /** A powered blind or a lock: it is put up and taught before it is paired. */
    public function isHung(): bool
    {
        return HangStep::of($this->profile) !== [] && ! $this->isWired();
    }

    public function isFitted(): bool
    {
        return $this->isFitted;
    }

    /** It is wired, or hung and taught, before its radio is asked for: at the bench it hangs on a test lead. */
    public function waitsForFitting(): bool
    {
        return $this->isFittedFirst && ! $this->isFitted;
    }

    /** Whether Kavvel opens its window, names it and hears it; else all that is done at its own controller. */
    public function isLinked(): bool
    {
        return $this->hub?->opens($this->profile->protocol) === true
            && $this->profile->protocol->rules()->joining() === Joining::Window;
    }

    /** The hub that sends for it over its link, and learns what its remote sends. */
    public function sender(): ?Hub
    {
        return $this->hub?->opens($this->profile->protocol) === true && $this->profile->protocol->rules()->joining() === Joining::Taught
            ? $this->hub
            : null;
    }

    /** The linked hub that it talks to. */
    public function linkedHub(): ?Hub
    {
        return $this->isLinked() ? $this->hub : null;
    }

    /** Nothing is heard of its hub: what needs its radio waits. */
    public function waitsForHub(): bool
    {
        return $this->linkedHub()?->silentSince() !== null;
    }

    /** It is in by a window of its own. */
    public function isPaired(): bool
    {
        return $this->isIn && ! $this->isBehindBridge() && $this->profile->protocol->rules()->joining() === Joining::Window;
    }

    /** When it was put into its place, in Unix seconds; what goes into the wall is there once it is fitted. */
    public function placedAt(): ?int
    {
        $stored = $this->slot->getAttributes();
        $at = $stored['placed_at'] ?? $stored['fitted_at'] ?? null;

        return $at === null ? null : Carbon::parse($at)->getTimestamp();
    }

    /** A radio that talks to a hub of ours. */
    public function hasRadio(): bool
    {
        return $this->profile->radio !== null && ! $this->isBehindBridge();
    }

    /** It comes in behind a bridge: no window is opened for it, and its radio is the bridge's own business. */
    public function isBehindBridge(): bool
    {
        return $this->behind !== null;
    }

    /** Nothing is heard of the hub that sends for it. */
    public function waitsForSender(): bool
    {
        return $this->sender()?->silentSince() !== null;
    }

    public function planSlot(): PlanSlot
    {
        return new PlanSlot(
            $this->key,
            $this->profile->protocol,
            $this->title,
            $this->slot->getAttributes()['what'],
            $this->standing(),
            $this->storey,
            $this->position->x,
            $this->position->y,
        );
    }

    public function position(): Vec3
    {
        return $this->position;
    }

    /**
     * Its antenna, on its own room's side of a wall. Null where the profile has no radio, or one that talks to a bridge.
     *
     * @param  list<array{float, float}>  $roomOutline
     */
    public function radioEnd(RoomSide $side, array $roomOutline): ?RadioEnd
    {
        return $this->profile->radio === null || ! $this->hasRadio() ? null : new RadioEnd(
            $this->key,
            $side->place($this->position, new Polygon($roomOutline)),
            $this->profile->radio,
            Mounting::from($this->slot->mounting)->lossDb(),
            $this->profile->isRouter ? Role::Router : Role::End,
            $this->profile->removable,
        );
    }
}
