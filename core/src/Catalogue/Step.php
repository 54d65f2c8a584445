<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** One step of a recipe as data: what to do, how often or how long, with what, and what is seen then. */
final readonly class Step
{
    public const KINDS = [
        'press', 'hold', 'pin-hold', 'pull-tab', 'insert-battery', 'power-on', 'power-cycle', 'turn', 'tap', 'scan', 'enter-code',
    ];

    /** Steps that are done with the eyes, not on the device */
    private const READ = ['scan', 'enter-code'];

    /**
     * @param  int  $times  presses, taps, turns or power cycles
     * @param  float  $seconds  of a hold; of presses, how long they may take together
     * @param  LightSign|null  $light  what the device shows once it is done
     * @param  float|null  $takesSeconds  how long until then, at most
     */
    private function __construct(
        public string $kind,
        public int $times,
        public float $seconds,
        public string $target,
        private string $tool,
        public ?LightSign $light,
        public ?float $takesSeconds,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('do')->word(self::KINDS),
            $input->find('times')?->wholeFrom(1) ?? 1,
            $input->find('seconds')?->numberFrom(0) ?? 0.0,
            $input->find('target')?->text() ?? '',
            $input->find('tool')?->text() ?? '',
            $input->find('light') === null ? null : LightSign::fromInput($input->get('light')),
            $input->find('takesSeconds')?->positive(),
        );
    }

    public function sentence(): string
    {
        $target = $this->target === '' ? 'the button' : $this->target;
        $times = $this->times === 1 ? 'once' : "{$this->times} times";
        $seconds = self::short($this->seconds);

        return match ($this->kind) {
            'press' => "Press {$target} {$times}".($this->seconds > 0 ? " within {$seconds}" : ''),
            'tap' => "Tap {$target} {$times}, do not hold",
            'hold' => "Hold {$target} for {$seconds}",
            'pin-hold' => "Push a pin into {$target} for {$seconds}",
            'pull-tab' => 'Pull the battery tab',
            'insert-battery' => 'Put the battery in',
            'power-on' => 'Power on'.($this->target === '' ? '' : " at {$this->target}"),
            'power-cycle' => "Switch off and on {$times}",
            'turn' => "Turn {$target} {$times}",
            'scan' => 'Scan the code on the sticker',
            default => 'Enter the code from the sticker',
        };
    }

    /** "its ring shines, within 20 s"; null: the sheet says nothing of it. */
    public function afterwards(): ?string
    {
        return $this->light === null
            ? null
            : $this->light->words.($this->takesSeconds === null ? '' : ', within '.self::short($this->takesSeconds));
    }

    public function tool(): ?string
    {
        return match (true) {
            $this->tool !== '' => $this->tool,
            $this->kind === 'pin-hold' => 'pin',
            default => null,
        };
    }

    /** Something that is done to the device itself. */
    public function isGesture(): bool
    {
        return ! in_array($this->kind, self::READ, true);
    }

    /** Done short: held too long it is taken for something else. */
    public function isShort(): bool
    {
        return in_array($this->kind, ['press', 'tap'], true);
    }

    private static function short(float $seconds): string
    {
        return rtrim(rtrim(number_format($seconds, 1, '.', ''), '0'), '.').' s';
    }
}
