<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\Input;

/** One act of linking: what is done, by whom, and how long it takes. */
final readonly class Act
{
    /** A sharing window by the Matter core specification, in seconds */
    public const WINDOW = [180, 900];

    /**
     * @param  bool  $isClients  only the client can do it: it needs an own account or phone
     * @param  int|null  $seconds  how long a window stays open
     * @param  string  $effect  what it opens for as long as it lasts, where it is not to stay
     */
    private function __construct(
        public ActKind $kind,
        public string $say,
        public bool $isClients = false,
        public int $minutes = 1,
        public ?int $seconds = null,
        public string $effect = '',
    ) {}

    public static function fromInput(Input $input): self
    {
        $kind = ActKind::from($input->get('do')->word(array_column(ActKind::cases(), 'value')));
        [$least, $most] = self::WINDOW;

        return new self(
            $kind,
            $input->get('say')->idUpTo(200),
            $input->find('client')?->flag() ?? $kind === ActKind::SignIn,
            $input->find('minutes')?->whole(0, 600) ?? 1,
            $kind === ActKind::Window ? $input->find('seconds')?->whole($least, $most) ?? $most : null,
            $input->find('effect')?->textUpTo(190) ?? '',
        );
    }

    /** One that follows from the job and stands on no sheet. */
    public static function own(ActKind $kind, string $say, int $minutes): self
    {
        return new self($kind, $say, minutes: $minutes);
    }

    /** The window of something that stands on no sheet: a bridge, which is shared in its own app. */
    public static function windowOf(string $name): self
    {
        return new self(
            ActKind::Window,
            "Open the sharing window of the {$name}, in its own app",
            seconds: self::WINDOW[1],
            effect: 'Whoever has the code can add all that is behind it',
        );
    }

    /** The window of one device, which is in a hub already and is shared on. */
    public static function shareOf(string $name): self
    {
        return new self(
            ActKind::Window,
            "Open the sharing window of the {$name}",
            seconds: self::WINDOW[1],
            effect: 'Whoever has the code can add it',
        );
    }

    /** @return array<string, mixed> as a file has it */
    public function toArray(): array
    {
        return array_filter([
            'do' => $this->kind->value, 'say' => $this->say, 'client' => $this->isClients,
            'minutes' => $this->minutes, 'seconds' => $this->seconds, 'effect' => $this->effect,
        ], static fn (mixed $value): bool => $value !== '' && $value !== null);
    }
}
