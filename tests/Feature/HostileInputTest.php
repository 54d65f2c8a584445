<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\AddressesOfTheJob;
use Tests\TestCase;

/** Whatever is put into a field of whatever form: it is taken or refused, and nothing breaks. */
final class HostileInputTest extends TestCase
{
    use AddressesOfTheJob;

    /** What a page is asked for in its address */
    private const ASKED = ['since', 'show', 'next', 'slot', 'stack', 'storey', 'station', 'q', 'name'];

    /** @return array<string, array{mixed}> */
    public static function values(): array
    {
        return [
            'a list' => [['a', 'b']],
            'a list in a list' => [[['a' => ['b']]]],
            'nothing' => [null],
            'an endless text' => [str_repeat('ä', 70_000)],
            'no UTF-8' => ["\xff\xfe broken"], 'a null character' => ["a\0b"], 'a number beyond counting' => ['99999999999999999999999'],
            'less than nothing' => ['-1'],
            'infinite' => ['1e999'],
            'no number' => ['NaN'],
            'a word' => ['x'],
            'a date that is none' => ['2026-02-31'],
            'markup' => ['"><script>alert(1)</script>'],
            'a quote' => ["'; drop table users; --"],
            'four bytes' => ['🏚️'],
            'turned around' => ["\u{202e}txt"],
        ];
    }

    #[DataProvider('values')]
    public function test_no_field_of_any_form_breaks_anything(mixed $value): void
    {
        $this->as('mara');
        $fields = $this->fields();
        self::assertGreaterThan(30, count($fields));
        foreach ($this->addressesOfTheJob() as [$method, $url]) {
            $answer = $this->call($method, $url, array_fill_keys($fields, $value), server: ['HTTP_HX-Request' => 'true']);
            self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$url}: ".$answer->exception?->getMessage());
            $short = is_string($value) ? substr($value, 0, 300) : $value;
            $answer = $this->call($method, "{$url}?".http_build_query(array_fill_keys(self::ASKED, $short)));
            self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$url}, in its address: ".$answer->exception?->getMessage());
        }
        foreach ([
            '/catalogue', '/catalogue/zb-leak', '/catalogue/zb-leak/copies', '/jobs', '/job-files', '/keys', '/company', '/sign-in',
        ] as $url) {
            foreach (['POST', 'PUT'] as $method) {
                $answer = $this->call($method, $url, array_fill_keys($fields, $value));
                self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$url}: ".$answer->exception?->getMessage());
            }
        }
    }

    public function test_no_file_breaks_anything(): void
    {
        $this->as('mara');
        foreach ([
            '', '{', '[]', 'null', '7', "\xff\xfe", '{"format": "kavvel-job"}', str_repeat('[', 600).str_repeat(']', 600),
        ] as $content) {
            $file = UploadedFile::fake()->createWithContent('job.json', $content);
            $this->call('POST', '/job-files', files: ['file' => $file], server: ['HTTP_HX-Request' => 'true'])->assertStatus(422);
        }
        $this->call('POST', '/job-files', files: ['file' => [
            UploadedFile::fake()->create('a.json'), UploadedFile::fake()->create('b.json'),
        ]], server: [
            'HTTP_HX-Request' => 'true',
        ])->assertStatus(422);
    }

    /** @return list<string> every name that a field has on any page */
    private function fields(): array
    {
        $names = [];
        foreach (glob(resource_path('views/*/*.blade.php')) ?: [] as $view) {
            preg_match_all('/\sname="(\w+)"/', (string) file_get_contents($view), $found);
            $names = [...$names, ...$found[1]];
        }

        return array_values(array_diff(array_unique($names), ['_token', 'theme']));
    }
}
