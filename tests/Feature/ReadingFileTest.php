<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\MeshReading;
use App\Models\RadioLink;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Mesh\GraphMlReader;
use Kavvel\Core\Mesh\MeshFileNode;
use Kavvel\Core\Mesh\Role;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use Tests\WithStandin;

/** A reading as GraphML, out and in. */
final class ReadingFileTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_a_reading_goes_out_with_names_and_comes_back_as_a_reading(): void
    {
        $reading = $this->read();
        $xml = (string) $this->get($this->file($reading))->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="lantern-house-zigbee.graphml"')->content();
        $file = GraphMlReader::read($xml);
        $plug = array_values(array_filter($file->nodes, fn (MeshFileNode $one): bool => $one->address
            === $this->slot('signal-plug')->node?->address))[0];
        self::assertSame([Role::Router, 'Signal room'], [$plug->role, $plug->room]);
        self::assertNotSame('', $plug->title);
        self::assertCount($reading->links()->count(), $file->links);

        $this->take($xml)->assertRedirect('/jobs/lantern-house/mesh?lens=zigbee');
        $back = MeshReading::query()->latest('id')->firstOrFail();
        self::assertSame(
            [$reading->accepted, $reading->thin, $reading->lost],
            [$back->accepted, $back->thin, $back->lost],
        );
        $rows = static fn (MeshReading $of): array => $of->links()->orderBy('id')->get()
            ->map(static fn (RadioLink $one): array => $one->only(['a', 'b', 'margin_db', 'margin_back_db']))->all();
        self::assertSame($rows($reading), $rows($back));
        self::assertTrue($this->logged('Took in a reading of Zigbee from a file.'));
        $this->get('/jobs/lantern-house/mesh?lens=zigbee')->assertSee('Nothing that matters has changed.');
    }

    public function test_a_program_of_others_reads_the_same_graph(): void
    {
        $reading = $this->read();
        $process = new Process(['graphml2gv'], input: (string) $this->get($this->file($reading))->content());
        $graph = $process->mustRun()->getOutput();
        $links = $reading->links()->orderBy('id')->get();

        self::assertStringStartsWith('graph zigbee {', $graph);
        self::assertSame($links->count(), substr_count($graph, ' -- '));
        foreach ($links as $link) {
            self::assertMatchesRegularExpression("/\"?{$link->a}\"? -- \"?{$link->b}\"?/", $graph);
        }
    }

    public function test_a_broken_file_names_its_place_and_changes_nothing(): void
    {
        $this->take('<graphml><graph id="zigbee"><node id="gateway"/><edge source="gateway" target="x"/></graph></graphml>')
            ->assertSessionHasErrors('graph');
        self::assertStringContainsString('edge 1', session('errors')->first('graph'));
        $this->take('<graphml><graph id="zigbee"><node id="gateway"/></graph></graphml>', 'links.txt')->assertSessionHasErrors('graph');
        $this->post('/jobs/lantern-house/mesh-readings/files')->assertSessionHasErrors('graph');
        $this->siteJob()->networks()->where('protocol', 'thread')->delete();
        $this->take('<graphml><graph id="thread"><node id="gateway"/></graph></graphml>')->assertSessionHasErrors('graph');

        self::assertSame(0, MeshReading::query()->count());
    }

    public function test_only_those_of_the_job_see_it_and_only_those_who_work_take_one_in(): void
    {
        $reading = $this->read();
        $this->get("/jobs/calico-court/mesh-readings/{$reading->id}/file")->assertNotFound();
        $this->as('wren');
        $this->get($this->file($reading))->assertOk();
        $this->take('<graphml/>')->assertForbidden();
    }

    private function read(): MeshReading
    {
        $this->post('/jobs/lantern-house/mesh-readings', ['protocol' => 'zigbee']);
        $this->pass(10);

        return MeshReading::query()->sole();
    }

    private function file(MeshReading $reading): string
    {
        return "/jobs/lantern-house/mesh-readings/{$reading->id}/file";
    }

    /** @return TestResponse<Response> */
    private function take(string $xml, string $name = 'links.graphml'): TestResponse
    {
        return $this->post('/jobs/lantern-house/mesh-readings/files', ['graph' => UploadedFile::fake()->createWithContent($name, $xml)]);
    }
}
