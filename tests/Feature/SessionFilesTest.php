<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\SignIn\SessionFiles;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Session;
use Tests\TestCase;

final class SessionFilesTest extends TestCase
{
    private const ID = 'one-session';

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/kavvel-sessions-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->request()->write(self::ID, 'as it began');
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_what_a_request_changed_is_there_for_the_next(): void
    {
        $request = $this->request();
        $request->read(self::ID);
        $request->write(self::ID, 'changed');

        self::assertSame('changed', $this->request()->read(self::ID));
    }

    public function test_what_a_request_took_back_again_is_taken_back(): void
    {
        $request = $this->request();
        $seen = (string) $request->read(self::ID);
        $request->write(self::ID, 'changed');
        $request->write(self::ID, $seen);

        self::assertSame($seen, $this->request()->read(self::ID));
    }

    public function test_a_request_that_only_read_does_not_undo_what_another_wrote_meanwhile(): void
    {
        $slow = $this->request();
        $seen = (string) $slow->read(self::ID);
        $quick = $this->request();
        $quick->read(self::ID);
        $quick->write(self::ID, 'saved by a form');
        $slow->write(self::ID, $seen);

        self::assertSame('saved by a form', $this->request()->read(self::ID));
    }

    public function test_a_request_that_only_read_does_not_bring_an_ended_session_back(): void
    {
        $slow = $this->request();
        $seen = (string) $slow->read(self::ID);
        $this->request()->destroy(self::ID);
        $slow->write(self::ID, $seen);

        self::assertSame('', $this->request()->read(self::ID));
    }

    public function test_a_session_that_is_only_read_lives_on(): void
    {
        $file = "{$this->folder}/".self::ID;
        touch($file, time() - 3600);
        $request = $this->request();
        $request->write(self::ID, (string) $request->read(self::ID));

        clearstatcache();
        self::assertGreaterThan(time() - 60, filemtime($file));
    }

    public function test_sessions_are_kept_in_such_files(): void
    {
        config(['session.driver' => 'files', 'session.files' => $this->folder]);
        Session::forgetDrivers();

        self::assertInstanceOf(SessionFiles::class, Session::driver()->getHandler());
    }

    private function request(): SessionFiles
    {
        return new SessionFiles(new Filesystem, $this->folder, 720);
    }
}
