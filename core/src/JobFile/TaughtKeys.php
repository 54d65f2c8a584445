<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Pairing\LearnSchool;

/** What a job file tells of the keys that the sender of a slot is taught, each once. */
final readonly class TaughtKeys
{
    /** @throws InvalidInput */
    public static function check(Input $slot): void
    {
        $taught = $slot->find('taught');
        $taught?->find('school')?->word(array_column(LearnSchool::cases(), 'value'));
        $names = [];
        foreach ($taught?->get('keys')->items() ?? [] as $key) {
            $name = $key->get('name')->id();
            if (isset($names[" {$name}"])) {
                throw InvalidInput::duplicateId($name, $key->get('name')->at);
            }
            $names[" {$name}"] = true;
            $key->get('toggles')->flag();
            $key->get('learnt')->flag();
            $key->find('works')?->flag();
        }
    }
}
