<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ValidationTest extends TestCase
{
    /** @param array<string, mixed> $sent */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_said_in_the_words_of_the_page(string $method, string $path, array $sent, string $said): void
    {
        $this->as('mara')->htmx($method, "/jobs/lantern-house{$path}", $sent)->assertStatus(422)->assertSee($said);
    }

    /** @return array<string, array{string, string, array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        $slot = [
            'what' => 'lamp', 'room' => 'store', 'profile' => 'zb-lamp', 'x' => 7.4, 'y' => 7.4, 'height' => 1, 'mounting' => 'surface',
        ];
        $visit = ['visit_number' => 1, 'visit_of' => 3, 'planned_minutes' => 60, 'used_minutes' => 0, 'lock_version' => 1];

        return [
            'no client' => ['PUT', '/client', ['client_name' => '', 'address' => 'here', 'lock_version' => 1], 'The client is missing.'],
            'no e-mail' => [
                'PUT', '/client', ['client_name' => 'O', 'address' => 'here', 'client_email' => 'odile', 'lock_version' => 1],
                'The client’s e-mail has to be an e-mail address',
            ],
            'half a minute' => ['PUT', '/visit', [...$visit, 'used_minutes' => 'half'], 'Minutes used has to be a whole number.'],
            'no place on the plan' => ['POST', '/slots', [...$slot, 'x' => 'left'], 'X has to be a number, for example 4.2.'],
            'a mounting that is none' => ['POST', '/slots', [...$slot, 'mounting' => 'glued'], 'The mounting is none of the choices.'],
            'a long note' => ['POST', '/slots', [...$slot, 'note' => str_repeat('x', 201)], 'The note takes at most 200 characters.'],
        ];
    }

    public function test_every_field_of_every_form_has_a_word_of_the_page(): void
    {
        $fields = [];
        foreach (File::allFiles(app_path('Http/Requests')) as $file) {
            preg_match_all("/'(\\w+)' => (?:\\[(?:'|Rule::|self::)|\\$\\w+,)/", $file->getContents(), $found);
            $fields = [...$fields, ...$found[1]];
        }

        self::assertContains('acceptance_db', $fields);
        self::assertSame([], array_values(array_diff(array_unique($fields), array_keys((array) trans('validation.attributes')))));
    }
}
