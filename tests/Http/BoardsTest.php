<?php

declare(strict_types=1);

namespace Inlaid\Tests\Http;

use Inlaid\App\Exchange\Json;
use Inlaid\Tests\Pictures;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Sample boards: made of a recipe, laid, read, compared, chosen by a client over a link, and taken into the recipe.
 */
final class BoardsTest extends TestCase
{
    use SharesStudio;

    /**
     * A board of the ticket rack, dwell of the slate wash against last grit.
     *
     * @param array<string, mixed> $more fields of the document
     */
    private function document(array $more = []): \stdClass
    {
        $recipe = self::$studio->recipe();
        $begun = self::$studio->json(
            'POST',
            '/api/compute/board/begin',
            ['recipe' => $recipe->id, 'part' => 'case', 'steps' => ['s1', 's2', 's4'], 'width' => 100, 'height' => 80, 'vary' => 's4'],
        )->document;

        return (object) array_merge(
            (array) $begun,
            [
                'columns' => ['thing' => 'dwell', 'step' => 's4', 'levels' => ['1', '4', '8']],
                'rows' => ['thing' => 'grit', 'step' => 's1', 'levels' => ['120', '180']],
            ],
            $more,
        );
    }

    /** A board is begun by what is to be found out; what no step of it can tell is refused. */
    public function testABoardIsBegunByItsQuestion(): void
    {
        $begin = static fn (?string $thing, array $steps, int $status = 200): \stdClass => self::$studio->json(
            'POST',
            '/api/compute/board/begin',
            [
                'recipe' => self::$studio->recipe()->id,
                'part' => 'case',
                'steps' => $steps,
                'width' => 100,
                'height' => 80,
                'thing' => $thing,
            ],
            $status,
        );
        $columns = static fn (?string $thing): array => (static fn (\stdClass $c): array => [$c->thing, $c->step, $c->levels])(
            $begin($thing, ['s1', 's2', 's3', 's4'])->document->columns,
        );
        self::assertSame(['dwell', 's3'], \array_slice($columns(null), 0, 2));
        self::assertSame(['colour-fraction', 's4'], \array_slice($columns('colour-fraction'), 0, 2));
        self::assertSame(['order', 's4', ['s3', 'last']], $columns('order'), 'the wash before the undertone, or after it');
        $refused = $begin('colour-fraction', ['s1', 's2'], 422);
        self::assertSame(['/thing', 'None of the chosen steps can be varied so. Choose other steps, or another question.'], [
            $refused->violations[0]->pointer,
            $refused->violations[0]->message,
        ]);
        self::assertSame('/thing', $begin('nonsense', ['s1'], 422)->violations[0]->pointer);
    }

    private static function sent(string $path, string $picture): \stdClass
    {
        $json = Json::object((string) self::$studio->ask('POST', $path, $picture, ['Content-Type' => 'image/jpeg'])->getContent());

        return $json;
    }

    /**
     * @param array<string, mixed> $more
     */
    private function board(array $more = []): \stdClass
    {
        return self::$studio->json('POST', '/api/boards', ['document' => $this->document($more)], 201);
    }

    /**
     * @param array<string, mixed> $more
     */
    private function workedOut(array $more = []): \stdClass
    {
        return self::$studio->json('POST', '/api/compute/board', ['document' => $this->document($more)]);
    }

    /**
     * Six patches of 0.008 m². The wash: 3 patches on grit 120 (uptake 1.11) and 3 on 180 take its one film; laid ÷ 0.9, twice, and a
     * quarter of 8 ml for the brush each time.
     */
    public function testABoardIsWorkedOut(): void
    {
        $board = $this->workedOut();
        self::assertSame(['A1', 'B1', 'C1', 'A2', 'B2', 'C2'], array_column($board->patches, 'label'));
        self::assertSame(
            ['B2'],
            array_column(array_filter($board->patches, static fn (\stdClass $p): bool => $p->control), 'label'),
            'as the recipe stands',
        );
        self::assertSame([['1 min', '4 min', '8 min'], ['grit 120', 'grit 180']], [$board->columns->heads, $board->rows->heads]);
        self::assertSame(
            ['Slate wash, the dwell (8 min against 4 min)', 'Sand to 180, the grit (120 against 180)'],
            array_reverse($board->patches[2]->differs),
        );
        self::assertSame([], $board->remarks, 'neighbours differ in one thing each');
        self::assertSame(
            [['Slate wash', '1 Platform Slate, chalk-type : 2 Water', [3, 4]]],
            array_map(static fn (\stdClass $p): array => [$p->name, $p->words, $p->rounds], $board->pots),
        );
        self::assertGreaterThanOrEqual($board->pots[0]->need->ml, $board->pots[0]->batch->yield->ml);
        self::assertSame(['s1', 's2', 's4', 's4'], array_column($board->rounds, 'stepId'));
        foreach ($board->rounds[2]->turns as $turn) {
            $minutes = ['A' => 1, 'B' => 4, 'C' => 8][$turn->patch[0]];
            self::assertSame(60 * $minutes, $turn->wipe - $turn->laid, 'the dwell it claims');
        }
        self::assertStringContainsString('dwell 8 min', $board->patches[2]->back[3]);
    }

    /**
     * What a patch is done otherwise on its own shows as two things beside its neighbours; dwells that no pot outlasts are a stop.
     */
    public function testABoardSaysWhatIsAmiss(): void
    {
        $own = $this->workedOut(['own' => [['patch' => 'B2', 'thing' => 'coats', 'step' => 's4', 'level' => '1']]]);
        self::assertSame(
            ['warn', 'warn', 'warn', 'advise'],
            array_column($own->remarks, 'severity') + [3 => 'advise'],
            Json::encode($own->remarks),
        );
        self::assertStringContainsString('differ in 2 variables', $own->remarks[0]->text);
        self::assertSame('Control', $own->patches[6]->label, 'none is as the recipe stands any more');

        $alike = $this->workedOut(['columns' => ['thing' => 'grit', 'step' => 's1', 'levels' => ['220', '240', '320']], 'rows' => null]);
        self::assertSame([['advise', ['A', 'B']]], array_map(
            static fn (\stdClass $r): array => [$r->severity, $r->patches],
            $alike->remarks,
        ), Json::encode($alike->remarks));
        self::assertStringContainsString('Nobody will see a difference between A and B,', $alike->remarks[0]->text);

        $long = $this->workedOut(['columns' => ['thing' => 'dwell', 'step' => 's4', 'levels' => ['600', '900']]]);
        self::assertSame('stop', $long->remarks[0]->severity);
        self::assertStringContainsString('One person needs', $long->remarks[0]->text);
        self::assertStringContainsString('mostly edge', $this->workedOut(['width' => 40])->remarks[0]->text);
        $bare = self::$studio->json(
            'POST',
            '/api/compute/board/begin',
            ['recipe' => self::$studio->recipe()->id, 'part' => 'case', 'steps' => ['s4'], 'width' => 100, 'height' => 80],
        );
        self::assertStringContainsString(
            'no last sanding',
            self::$studio->json('POST', '/api/compute/board', ['document' => $bare->document])->remarks[0]->text,
        );
    }

    /**
     * @return array<string, array{array<string, mixed>, string, string}>
     */
    public static function wrongBoards(): array
    {
        $axis = static fn (string $thing, ?string $step, string ...$levels): array => [
            'thing' => $thing,
            'step' => $step,
            'levels' => $levels,
        ];

        return [
            'a thing unknown' => [['columns' => $axis('moon', 's4', '1')], '/document/columns/levels', '“moon” can'],
            'a step unknown' => [['columns' => $axis('dwell', 's99', '1')], '/document/columns/step', 'no step'],
            'not in this step' => [['columns' => $axis('dwell', 's1', '1')], '/document/columns/levels', 't be varied in “Sand to 180”'],
            'no step said' => [['columns' => $axis('dwell', null, '1')], '/document/columns/levels', 'Choose a step'],
            'a dwell of words' => [['columns' => $axis('dwell', 's4', 'long')], '/document/columns/levels', '“long” isn\'t a whole number'],
            'a share of all' => [['columns' => $axis('colour-fraction', 's4', '1')], '/document/columns/levels', 'below 1'],
            'the same twice' => [['columns' => $axis('dwell', 's4', '3', ' 3')], '/document/columns/levels', 'exists twice'],
            'too many' => [['columns' => $axis('dwell', 's4', '1', '2', '3', '4', '5', '6', '7')], '/document/columns/levels', '7'],
            'none' => [['columns' => $axis('dwell', 's4')], '/document/columns/levels', 'have 1 to 6 values'],
            'the same both ways' => [['rows' => $axis('dwell', 's4', '2', '3')], '/document/columns', 't both vary the same'],
            'a paint that is not there' => [
                ['columns' => $axis('laid', 's4', 'moonlight')],
                '/document/columns/levels',
                'among the materials',
            ],
            'a way that lays nothing' => [
                ['columns' => $axis('technique', 's4', 'sanded')],
                '/document/columns/levels',
                'technique that applies',
            ],
            'a wood unknown' => [['columns' => $axis('wood', null, 'moonwood')], '/document/columns/levels', 'a wood from the list'],
            'too small' => [['width' => 5], '/document/width', 'from 20 to 1000 mm'],
            'hands that take all day' => [['lay' => 10_000], '/document/width', '1 to 3600 s'],
            'a patch that is not there' => [
                ['own' => [['patch' => 'Q7', 'thing' => 'coats', 'step' => 's4', 'level' => '1']]],
                '/document/columns',
                'no patch “Q7”',
            ],
            'a target of words' => [['target' => ['colour' => 'blue']], '/document/target/colour', 'colour'],
            'a field too many' => [['secret' => 1], '/document/secret', 'Unknown field'],
        ];
    }

    /**
     * @param array<string, mixed> $more
     */
    #[DataProvider('wrongBoards')]
    public function testNonsenseIsRefusedWhereItStands(array $more, string $pointer, string $says): void
    {
        $problem = self::$studio->json('POST', '/api/boards', ['document' => $this->document($more)], 422);
        self::assertSame($pointer, $problem->violations[0]->pointer, Json::encode($problem->violations));
        self::assertStringContainsString($says, $problem->violations[0]->message);
    }

    /**
     * Every thing can be varied in some step, with the levels it suggests.
     */
    public function testEverythingThatIsOfferedCanBeLaid(): void
    {
        $document = $this->document();
        unset($document->rows);
        $things = self::$studio->json('POST', '/api/compute/board/variables', ['document' => $document->recipe])->variables;
        self::assertSame(
            ['coats', 'colour-fraction', 'done', 'dwell', 'film', 'grit', 'laid', 'left', 'order', 'technique', 'wood'],
            array_values(array_unique((static function (array $keys): array {
                sort($keys);

                return $keys;
            })(array_column($things, 'thing')))),
        );
        foreach ($things as $thing) {
            $document->columns = array_filter([
                'thing' => $thing->thing,
                'step' => $thing->step,
                'levels' => array_values(array_filter(
                    $thing->levels,
                    static fn (string $l): bool => 'laid' !== $thing->thing || 'platform-slate' === $l || 'water' === $l,
                )),
            ]);
            $answer = self::$studio->ask('POST', '/api/compute/board', ['document' => $document]);
            if ('laid' !== $thing->thing && 'technique' !== $thing->thing) {
                self::assertSame(200, $answer->getStatusCode(), $thing->thing.' in '.$thing->step.': '.$answer->getContent());
            }
            self::assertLessThan(500, $answer->getStatusCode());
        }
    }

    /**
     * A board that has been laid is what it is. It can be put away and comes back; a stale save says what is newer.
     */
    public function testABoardIsKeptAndStaysWhatItIs(): void
    {
        $board = $this->board();
        $document = $board->document;
        $document->title = 'Another name';
        $saved = self::$studio->json('PUT', "/api/boards/$board->id", ['version' => 1, 'document' => $document]);
        self::assertSame([2, 'Another name'], [$saved->version, $saved->document->title]);
        $stale = self::$studio->json('PUT', "/api/boards/$board->id", ['version' => 1, 'document' => $document], 409);
        self::assertSame([2, 'Another name'], [$stale->version, $stale->newer->title]);

        self::assertNotNull(self::$studio->json('PUT', "/api/boards/$board->id/applied", ['applied' => true])->appliedAt);
        self::assertStringContainsString(
            'has been applied',
            self::$studio->json('PUT', "/api/boards/$board->id", ['version' => 2, 'document' => $document], 422)->detail,
        );
        self::assertNull(self::$studio->json('PUT', "/api/boards/$board->id/applied", ['applied' => false])->appliedAt);
        $read = self::$studio->json(
            'PUT',
            "/api/boards/$board->id/patches/B1/reading",
            ['colour' => '#667075', 'how' => 'typed', 'note' => 'patchy on the rim', 'rating' => 3],
        );
        self::assertNotNull($read->appliedAt, 'what is read has been laid');
        self::assertSame(
            ['B1', '#667075', 'typed', 'patchy on the rim', 3],
            array_values(\array_slice((array) $read->readings[0], 0, 3) + [
                'note' => $read->readings[0]->note,
                'rating' => $read->readings[0]->rating,
            ]),
        );
        self::$studio->json('PUT', "/api/boards/$board->id/applied", ['applied' => false], 422);
        self::$studio->json('PUT', "/api/boards/$board->id/patches/Z9/reading", ['note' => 'nowhere'], 422);
        self::$studio->json('PUT', "/api/boards/$board->id/patches/B1/reading", ['rating' => 9], 422);
        self::assertSame(
            'patchy on the rim',
            self::$studio->json('GET', "/api/boards/$board->id")->readings[0]->note,
            'what was refused changed nothing',
        );

        self::$studio->json('PUT', "/api/boards/$board->id/archive", ['archived' => true]);
        self::assertNotContains($board->id, array_column(self::$studio->json('GET', '/api/boards')->boards, 'id'));
        self::$studio->json('PUT', "/api/boards/$board->id/archive", ['archived' => false]);
        $listed = array_column(self::$studio->json('GET', '/api/boards')->boards, null, 'id')[$board->id];
        self::assertSame([1, '#667075', 6], [$listed->read, $listed->observed->B1, \count($listed->card->patches)]);
        self::assertSame(self::$studio->json('GET', "/api/recipes/$listed->recipe")->document->title, $listed->recipeTitle);

        $unread = $this->board()->id;
        $noted = $this->board()->id;
        self::$studio->json('PUT', "/api/boards/$noted/patches/A1/reading", ['note' => 'no colour yet']);
        $measured = self::$studio->json('GET', '/api/boards?measured=true');
        self::assertSame($measured->total, \count($measured->boards));
        self::assertContains($board->id, array_column($measured->boards, 'id'));
        self::assertSame(
            [],
            array_intersect([$unread, $noted], array_column($measured->boards, 'id')),
            'of none of these is there a colour',
        );
    }

    /**
     * The patches reflect what they do; warm light falls on them and on the grey card alike. Corrected by the card it is what it is but for
     * what the
     * steps of a JPEG leave of it (one code more or less of a dark blue is 3 ΔE); as photographed it is far off.
     */
    public function testAColourIsReadFromAPhotoBesideAGreyCard(): void
    {
        $board = $this->board(['target' => ['colour' => '#8f9494', 'name' => 'Platform grey']]);
        $photo = $this->photo($board, Pictures::board([[0.28, 0.3, 0.3], [0.12, 0.15, 0.18], [0.5, 0.45, 0.36]]));
        $pick = static fn (float $x, float $y): array => ['x' => $x, 'y' => $y, 'radius' => 0.04];
        $found = self::$studio->json(
            'POST',
            "/api/photos/$photo->id/colour",
            ['patch' => $pick(0.17, 0.3), 'reference' => $pick(0.5, 0.82), 'card' => 'grey'],
        );
        // linear 0.28, 0.30, 0.30 is #909595
        self::assertLessThan(4, $this->apart($found->colour, '#909595'));
        self::assertGreaterThan(10, $this->apart($found->asPhotographed, '#909595'));
        self::assertSame([], $found->remarks);
        self::assertStringContainsString('Hold the patch itself to the target', implode(' ', $found->cannot));

        // A photo that is only looked at: the same with a reference; without one, what it shows.
        $picture = Pictures::board([[0.28, 0.3, 0.3], [0.12, 0.15, 0.18], [0.5, 0.45, 0.36]]);
        $look = static fn (array $asked): \stdClass => self::sent(
            '/api/compute/photo-colour?asked='.rawurlencode(Json::encode($asked)),
            $picture,
        );
        self::assertSame($found->colour, $look(['patch' => $pick(0.17, 0.3), 'reference' => $pick(0.5, 0.82), 'card' => 'grey'])->colour);
        $shown = $look(['patch' => $pick(0.17, 0.3)]);
        self::assertSame([$found->asPhotographed, $found->asPhotographed], [$shown->colour, $shown->asPhotographed]);
        self::assertStringContainsString('the colour in the picture', $shown->cannot[0]);
        self::assertSame('/asked/patch', $look(['card' => 'grey'])->violations[0]->pointer);
        self::assertStringContainsString(
            'read this picture',
            self::sent('/api/compute/photo-colour?asked={}', 'GIF89a')->violations[0]->message,
        );

        $edge = self::$studio->json(
            'POST',
            "/api/photos/$photo->id/colour",
            ['patch' => $pick(0.3, 0.3), 'reference' => $pick(0.5, 0.82), 'card' => 'grey'],
        );
        self::assertStringContainsString('has several colours', $edge->remarks[0]);
        $bright = $this->photo($board, Pictures::board([[0.5, 0.5, 0.5]], 6.0));
        self::assertStringContainsString(
            'overexposed',
            self::$studio->json(
                'POST',
                "/api/photos/$bright->id/colour",
                ['patch' => $pick(0.17, 0.3), 'reference' => $pick(0.5, 0.82), 'card' => 'white'],
                422,
            )->detail,
        );
        self::$studio->json(
            'POST',
            "/api/photos/$photo->id/colour",
            ['patch' => $pick(1.7, 0.3), 'reference' => $pick(0.5, 0.82), 'card' => 'grey'],
            422,
        );

        $read = self::$studio->json(
            'PUT',
            "/api/boards/$board->id/patches/A1/reading",
            ['colour' => $found->colour, 'how' => 'photo', 'photo' => $photo->id],
        );
        self::assertStringContainsString('bluer', $read->readings[0]->offTarget->inWords, 'than the target');
        self::$studio->json('PUT', "/api/boards/$board->id/patches/B1/reading", ['colour' => '#505a60', 'how' => 'typed']);
        $compared = self::$studio->json('GET', "/api/boards/$board->id/compare?one=A1&other=B1");
        self::assertSame(['Slate wash, the dwell'], array_column($compared->done, 'what'));
        self::assertStringContainsString('different colour', $compared->seen->inWords);
        self::assertStringContainsString('lighter', $compared->seen->inWords);

        $other = $this->board();
        self::$studio->json('PUT', "/api/boards/$other->id/patches/A1/reading", ['photo' => $photo->id, 'how' => 'photo'], 422);
        self::assertSame(
            [],
            $this->photos(self::$studio->json('PUT', "/api/photos/$photo->id/archive", ['archived' => true]), 'A1', $photo->id),
        );
        self::assertSame(
            [$photo->id],
            $this->photos(self::$studio->json('PUT', "/api/photos/$photo->id/archive", ['archived' => false]), 'A1', $photo->id),
        );
    }

    /**
     * A picture is written anew: no place, no camera, nothing hidden behind it; turned upright; no larger than a board needs.
     */
    public function testOfAPhotoOnlyThePictureIsKept(): void
    {
        $board = $this->board();
        $sent = Pictures::withPlace(Pictures::board([[0.8, 0.1, 0.1]], 1.0, 2400, 1600)).'<?php echo "hidden"; ?>';
        self::assertArrayHasKey('GPSLatitude', $this->exif($sent), 'there is a place in what is sent');
        $photo = $this->photo($board, $sent);
        self::assertSame([1800, 1200], [$photo->width, $photo->height]);
        $answer = self::$studio->ask('GET', "/api/photos/$photo->id");
        $kept = (string) $answer->getContent();
        self::assertSame(
            ['image/jpeg', 'nosniff'],
            [$answer->headers->get('Content-Type'), $answer->headers->get('X-Content-Type-Options')],
        );
        self::assertSame([], array_intersect(array_keys($this->exif($kept)), ['GPSLatitude', 'GPSLatitudeRef', 'Orientation']));
        self::assertStringNotContainsString('hidden', $kept);
        self::assertStringNotContainsString('Exif', $kept);
        $image = imagecreatefromstring($kept);
        self::assertNotFalse($image);
        $red = (int) imagecolorat($image, 1500, 800); // it was held upside down: the patch that was top left is bottom right
        self::assertGreaterThan(200, $red >> 16 & 255);
        self::assertLessThan(120, $red & 255);
    }

    /**
     * @return array<string, array{string, string, int, string}>
     */
    public static function noPictures(): array
    {
        $jpeg = Pictures::board([[0.5, 0.5, 0.5]]);

        return [
            'a script' => ['<?php system($_GET["c"]);', 'image/jpeg', 422, 'read this picture'],
            'a page' => ['<html><script>alert(1)</script></html>', 'image/png', 422, 'read this picture'],
            'a drawing with a script' => [
                '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
                'image/svg+xml',
                422,
                'read this picture',
            ],
            'the start of a picture, and a script' => ["\xff\xd8\xff\xe0<?php phpinfo();", 'image/jpeg', 422, 'read this picture'],
            'broken off' => [substr($jpeg, 0, (int) (\strlen($jpeg) * 0.6)), 'image/jpeg', 422, 'is incomplete'],
            'far too many points' => [Pictures::huge(), 'image/png', 422, '30000 × 30000'],
            'far too many bytes' => [str_repeat('x', 13 * 1024 * 1024), 'image/jpeg', 413, '12 MB'],
            'nothing' => ['', 'image/jpeg', 422, 'read this picture'],
            'not as a picture' => [$jpeg, 'text/plain', 415, 'Send a photo'],
            'in a form' => [$jpeg, 'multipart/form-data; boundary=x', 415, 'Send a photo'],
        ];
    }

    #[DataProvider('noPictures')]
    public function testWhatIsNoPictureIsRefused(string $bytes, string $type, int $status, string $says): void
    {
        $board = $this->board();
        $answer = self::$studio->ask('POST', "/api/boards/$board->id/patches/A1/photos", $bytes, ['Content-Type' => $type]);
        $problem = Json::object((string) $answer->getContent());
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getContent());
        self::assertStringContainsString($says, $problem->detail);
        self::assertSame(
            [null, []],
            [($after = self::$studio->json('GET', "/api/boards/$board->id"))->appliedAt, $after->readings],
            'nothing was stored',
        );
    }

    /**
     * A client with a link sees what rows and columns vary, colours and photos, and no recipe; chooses once; and can do nothing else.
     */
    public function testAClientChoosesByALinkAndCanDoNothingElse(): void
    {
        $board = $this->board();
        $this->photo($board, Pictures::board([[0.5, 0.5, 0.5]]));
        $link = self::$studio->json('POST', "/api/boards/$board->id/shares", ['days' => 7], 201);
        $secret = basename($link->url);
        self::assertMatchesRegularExpression('/^[A-Za-z0-9_-]{43}$/', $secret, '256 bits');
        $store = new \SQLite3(self::$studio->store);
        self::assertSame(
            0,
            $store->querySingle("SELECT COUNT(*) FROM share WHERE token_hash = '$secret'"),
            'the secret itself is not kept',
        );

        $look = self::$studio->guest('GET', "/api/looks/$secret");
        self::assertSame([200, 6, [0]], [$look[0], \count($look[1]->patches), $look[1]->patches[0]->photos]);
        self::assertStringNotContainsString('Water', Json::encode($look[1]), 'nothing of how it is mixed');
        self::assertStringNotContainsString($board->id, Json::encode($look[1]));
        self::assertSame(200, self::$studio->guest('GET', "/api/looks/$secret/patches/A1/photos/0")[0]);

        foreach ([
            ['GET', "/api/looks/$secret/patches/A1/photos/9"],
            ['GET', "/api/looks/{$secret}x"],
            ['GET', '/api/looks/'.$board->id],
            ['GET', '/api/looks/'.$link->id],
            ['GET', "/api/boards/$board->id"],
            ['GET', '/api/boards'],
            ['GET', '/api/recipes'],
            ['GET', '/api/pots'],
            ['GET', '/api/settings'],
            ['GET', '/'],
            ['GET', '/boards'],
            ['GET', '/api/openapi.json'],
            ['GET', "/look/$secret/../../api/recipes"],
            ['POST', '/api/preview'],
            ['POST', "/api/boards/$board->id/shares"],
            ['DELETE', "/api/boards/$board->id/choice"],
            ['PUT', "/api/boards/$board->id/patches/A1/reading"],
        ] as [$method, $path]) {
            self::assertSame(404, self::$studio->guest($method, $path)[0], "$method $path");
        }
        foreach ([['PUT', "/api/looks/$secret"], ['DELETE', "/api/looks/$secret"], ['POST', "/api/looks/$secret"]] as [$method, $path]) {
            self::assertSame(405, self::$studio->guest($method, $path)[0], "$method $path");
        }
        self::assertSame(422, self::$studio->guest('POST', "/api/looks/$secret/choice", ['patch' => 'Z9'])[0]);
        self::assertSame(422, self::$studio->guest('POST', "/api/looks/$secret/choice", ['patch' => 'A1', 'title' => 'mine'])[0]);
        [$status, $chosen] = self::$studio->guest(
            'POST',
            "/api/looks/$secret/choice",
            ['patch' => 'A2', 'comment' => 'The paler one <b>please</b>'],
        );
        self::assertSame([200, 'A2', 'The paler one <b>please</b>'], [$status, $chosen->chosen, $chosen->comment]);
        self::assertSame(422, self::$studio->guest('POST', "/api/looks/$secret/choice", ['patch' => 'B1'])[0], 'once');
        $share = self::$studio->json('GET', "/api/boards/$board->id")->shares[0];
        self::assertSame(['A2', true, 'The paler one <b>please</b>'], [$share->patch, $share->open, $share->comment]);

        self::$studio->json('POST', "/api/boards/$board->id/shares/$share->id/revoke");
        self::assertSame(404, self::$studio->guest('GET', "/api/looks/$secret")[0], 'closed');
        $second = basename(self::$studio->json('POST', "/api/boards/$board->id/shares", ['days' => 1], 201)->url);
        self::assertSame(200, self::$studio->guest('GET', "/api/looks/$second")[0]);
        $store->exec("UPDATE share SET expires_at = '2026-01-01 00:00:00'");
        self::assertSame(404, self::$studio->guest('GET', "/api/looks/$second")[0], 'over');
        self::assertSame(404, self::$studio->guest('POST', "/api/looks/$second/choice", ['patch' => 'A1'])[0]);
        self::$studio->json('POST', "/api/boards/$board->id/shares", ['days' => 400], 422);
        $another = $this->board();
        self::$studio->json('POST', "/api/boards/$another->id/shares/$share->id/revoke", [], 404);
    }

    /**
     * The chosen patch changes in the draft just what it did otherwise: the dwell of the wash and the grit. It can be taken back.
     */
    public function testAChosenPatchIsTakenIntoTheRecipe(): void
    {
        $board = $this->board();
        $recipe = self::$studio->recipe();
        $would = self::$studio->json('GET', "/api/boards/$board->id/patches/C1/promotion");
        self::assertSame(
            ['Step 1, “Sand to 180”: the grit was 180, now 120.', 'Step 4, “Slate wash”: the dwell was 4 min, now 8 min.'],
            array_column($would->changes, 'text'),
        );
        self::$studio->json(
            'POST',
            "/api/boards/$board->id/patches/C1/promotion",
            ['reason' => 'The client likes it dark', 'version' => $would->version + 1],
            409,
        );
        self::$studio->json('POST', "/api/boards/$board->id/patches/C1/promotion", ['reason' => ' ', 'version' => $would->version], 422);
        $done = self::$studio->json(
            'POST',
            "/api/boards/$board->id/patches/C1/promotion",
            ['reason' => 'The client likes it dark', 'version' => $would->version],
        );
        self::assertSame(
            ['C1', 'The client likes it dark', array_column($would->changes, 'text')],
            [$done->chosen->patch, $done->chosen->reason, $done->chosen->changes],
        );

        $expected = Json::object(Json::encode($recipe->document));
        $expected->steps[0]->grit = 120;
        $expected->steps[3]->dwell = 8;
        self::assertEquals($expected, self::$studio->recipe()->document, 'exactly those changes');
        self::$studio->json(
            'POST',
            "/api/boards/$board->id/patches/A1/promotion",
            ['reason' => 'No, that', 'version' => $would->version + 1],
            422,
        );
        self::assertNull(self::$studio->json('DELETE', "/api/boards/$board->id/choice")->chosen);
        self::assertEquals($recipe->document, self::$studio->recipe()->document);
        self::$studio->json('DELETE', "/api/boards/$board->id/choice", null, 422);

        $control = self::$studio->json('GET', "/api/boards/$board->id/patches/B2/promotion");
        self::assertSame([], $control->changes, 'it is as the recipe stands');
    }

    /**
     * A step's mix that another step uses too stays as it is there; what a patch leaves out is left out; another wood is not taken over;
     * where the recipe has moved on, it says so.
     */
    public function testWhatIsTakenOverIsThatAndNoMore(): void
    {
        $recipe = self::$studio->recipe();
        $document = Json::object(Json::encode($recipe->document));
        $twin = Json::object(Json::encode($document->steps[3]));
        [$twin->id, $twin->title] = ['s4b', 'Second wash'];
        array_splice($document->steps, 4, 0, [$twin]);
        $document->title = 'Rack with two washes';
        $made = self::$studio->json('POST', '/api/recipes', ['document' => $document], 201);
        $begun = self::$studio->json(
            'POST',
            '/api/compute/board/begin',
            ['recipe' => $made->id, 'part' => 'case', 'steps' => ['s1', 's4', 's4b', 's6'], 'width' => 100, 'height' => 100],
        )->document;
        $begun->columns = ['thing' => 'colour-fraction', 'step' => 's4b', 'levels' => ['1/3', '1/5']];
        $begun->rows = ['thing' => 'wood', 'levels' => ['birch', 'oak']];
        $begun->own = [
            ['patch' => 'B2', 'thing' => 'order', 'step' => 's1', 'level' => 'last'],
            ['patch' => 'A2', 'thing' => 'done', 'step' => 's6', 'level' => 'left-out'],
            ['patch' => 'A1', 'thing' => 'laid', 'step' => 's6', 'level' => 'clear-wax'],
        ];
        $board = self::$studio->json('POST', '/api/boards', ['document' => $begun], 201);

        $b2 = self::$studio->json('GET', "/api/boards/$board->id/patches/B2/promotion");
        self::assertSame(
            [
                '“Sand to 180” was moved from step 1 to step 7.',
                'Step 4, “Second wash”: the material was 1 Platform Slate, chalk-type : 2 Water, now 1 Platform Slate, '
                .'chalk-type : 4 Water.',
            ],
            array_column($b2->changes, 'text'),
            'last on the board is before what follows it in the recipe; the first wash keeps its mix',
        );
        self::assertStringContainsString('Wood: ', $b2->leftBehind[0]);
        self::assertSame(
            ['Step 7, “Clear wax as a barrier”, was removed.'],
            array_column(self::$studio->json('GET', "/api/boards/$board->id/patches/A2/promotion")->changes, 'text'),
        );

        $document = self::$studio->json('GET', "/api/recipes/$made->id")->document;
        $document->steps = array_values(array_filter($document->steps, static fn (\stdClass $s): bool => 's4b' !== $s->id));
        self::$studio->json('PUT', "/api/recipes/$made->id/draft", ['version' => $made->version, 'document' => $document]);
        self::assertStringContainsString(
            'no longer has the step “Second wash”',
            self::$studio->json('GET', "/api/boards/$board->id/patches/B1/promotion", null, 422)->detail,
        );
    }

    private function photo(\stdClass $board, string $bytes, string $patch = 'A1'): \stdClass
    {
        $answer = self::$studio->ask('POST', "/api/boards/$board->id/patches/$patch/photos", $bytes, ['Content-Type' => 'image/jpeg']);
        self::assertSame(201, $answer->getStatusCode(), (string) $answer->getContent());
        $opened = Json::object((string) $answer->getContent());
        $photos = array_column($opened->readings, null, 'patch')[$patch]->photos;

        return $photos[\count($photos) - 1];
    }

    /**
     * @return list<string> those of a patch that are the given one
     */
    private function photos(\stdClass $board, string $patch, string $id): array
    {
        return array_values(array_intersect(
            array_column((array_column($board->readings, null, 'patch')[$patch] ?? (object) ['photos' => []])->photos, 'id'),
            [$id],
        ));
    }

    private function apart(string $one, string $other): float
    {
        return \Inlaid\Core\Colour\ColourDifference::between(
            \Inlaid\Core\Colour\Colour::of($one),
            \Inlaid\Core\Colour\Colour::of($other),
        )->deltaE;
    }

    /**
     * @return array<string, mixed>
     */
    private function exif(string $jpeg): array
    {
        $stream = fopen('php://memory', 'r+');
        \assert(false !== $stream);
        fwrite($stream, $jpeg);
        rewind($stream);

        return @exif_read_data($stream) ?: [];
    }
}
