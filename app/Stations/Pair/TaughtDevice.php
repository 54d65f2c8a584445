<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use Kavvel\Core\Pairing\LearnSheet;
use Kavvel\Core\Pairing\LearnTalk;
use Kavvel\Core\Radio\Sight;

/** A device that is taught to a sender, as its bench shows it. */
final readonly class TaughtDevice
{
    /**
     * @param  LearnTalk  $talk  what is to be done with its next key
     * @param  JoinWindow|null  $listening  the hub listens for a key of its remote
     * @param  JoinWindow|null  $missed  it listened for the next key, and heard nothing clear
     * @param  string|null  $refused  why the next key was not sent
     * @param  Sight|null  $sight  from the hub that sends to it, where it sends light
     */
    public function __construct(
        public SlotCard $card,
        public LearnSheet $sheet,
        public LearnTalk $talk,
        public ?JoinWindow $listening,
        public ?JoinWindow $missed,
        public ?string $refused,
        public ?Sight $sight,
    ) {}

    /** @return list<mixed> all that its bench shows, so that a page knows whether it is still right */
    public function version(): array
    {
        return [
            $this->card->key(), $this->card->fullTitle(), $this->card->isIn(), $this->card->sender()?->key(), $this->sheet,
            $this->talk->name,
            $this->listening?->only(['id', 'state', 'unclear', 'closes_at']), $this->missed?->only(['id', 'unclear', 'reason', 'state']),
            $this->refused,
            $this->sight,
        ];
    }
}
