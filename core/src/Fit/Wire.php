<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Input\Input;

/** A conductor in a box: where it was found, what it is, how that is known, and where it goes. */
final readonly class Wire
{
    /** Joined with others */
    public const CONNECTOR = 'connector';

    /** Made safe on its own */
    public const CAPPED = 'capped';

    /** At the earth terminal of the box */
    public const BOX_EARTH = 'box earth';

    public const PLACES = [self::CONNECTOR, self::CAPPED, self::BOX_EARTH];

    /**
     * @param  string  $name  "brown", "brown 2": one of a kind in its box
     * @param  string  $wasAt  terminal or connector that it was found at, so that it can be put back; "": not noted
     * @param  string|null  $goesTo  mark of a terminal of the device, or one of PLACES
     * @param  bool  $isFarEndSafe  its other end is made safe as well
     */
    public function __construct(
        public string $name,
        public string $wasAt = '',
        public ?WireRole $role = null,
        public ?Evidence $evidence = null,
        public ?string $goesTo = null,
        public bool $isFarEndSafe = false,
    ) {}

    public static function fromInput(Input $input): self
    {
        $role = $input->find('role')?->word(array_column(WireRole::cases(), 'value'));
        $evidence = $input->find('evidence')?->word(array_column(Evidence::cases(), 'value'));

        return new self(
            $input->get('name')->id(),
            $input->find('wasAt')?->text() ?? '',
            $role === null ? null : WireRole::from($role),
            $evidence === null ? null : Evidence::from($evidence),
            $input->find('goesTo')?->id(),
            $input->find('isFarEndSafe')?->flag() ?? false,
        );
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return [...get_object_vars($this), 'role' => $this->role?->value, 'evidence' => $this->evidence?->value];
    }

    /** How the place is said that it goes to. */
    public static function placeWords(string $place): string
    {
        return match ($place) {
            self::CONNECTOR => 'into a connector',
            self::CAPPED => 'capped, on its own',
            self::BOX_EARTH => 'to the earth of the box',
            default => "to {$place}",
        };
    }
}
