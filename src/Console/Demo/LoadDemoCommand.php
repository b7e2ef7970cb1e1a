<?php

declare(strict_types=1);

namespace Inlaid\App\Console\Demo;

use Inlaid\App\Console\ReportError;
use Inlaid\App\Exchange\Catalogue\LoadMaterials;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadLeft;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Store\MaterialShelf;
use Inlaid\App\Store\RecipeBook;
use Inlaid\App\Store\RecipeSearch;
use Inlaid\App\Store\ShelfStock;
use Inlaid\App\Store\StudioSettings;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Yaml\Yaml;

#[AsCommand('inlaid:demo:load', 'Load the demo studio Fernhollow')]
final class LoadDemoCommand extends Command
{
    public function __construct(
        private readonly string $projectDir,
        private readonly LoadMaterials $materials,
        private readonly MaterialShelf $shelf,
        private readonly RecipeBook $book,
        private readonly ReadDemoRecipe $recipes,
        private readonly StudioSettings $settings,
        private readonly ReadSettings $readSettings,
        private readonly ShelfStock $stock,
        private readonly ReadLeft $readLeft,
        private readonly LoadDemoPots $pots,
        private readonly LoadDemoBoards $boards,
        private readonly LoadDemoRuns $runs,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (0 < $this->book->search(new RecipeSearch())[0] + $this->book->search(new RecipeSearch(archived: true))[0]) {
            $output->writeln('Recipes already exist. The demo was not loaded.');

            return self::SUCCESS;
        }

        return ReportError::around($output, function () use ($output): void {
            $this->set($this->projectDir.'/data/demo/settings.yaml');
            $catalogue = $this->materials->catalogue();
            $all = $this->materials->with($this->projectDir.'/data/demo/shelf.yaml');
            $this->shelf->put(...array_values(array_diff_key($all, $catalogue)));
            $this->stock($this->projectDir.'/data/demo/stock.yaml');
            $files = glob($this->projectDir.'/data/demo/recipes/*.yaml') ?: [];
            foreach (array_reverse($files) as $file) { // the book shows the last one first
                $this->load($file, $all);
            }
            $this->pots->load($this->projectDir.'/data/demo/pots.yaml', $all);
            $this->boards->load($this->projectDir.'/data/demo/boards.yaml');
            $this->runs->load($this->projectDir.'/data/demo/runs.yaml');
            $output->writeln(\sprintf('The demo studio has %d recipes and %d materials.', \count($files), \count($all)));
        });
    }

    private function stock(string $file): void
    {
        foreach ((array) Yaml::parseFile($file) as $id => $left) {
            $this->stock->count((string) $id, Node::read(Json::decode(Json::encode($left)), $this->readLeft->read(...)));
        }
    }

    private function set(string $file): void
    {
        $kept = $this->settings->get();
        $settings = (object) [...(array) Json::decode($kept->document), ...(array) Yaml::parseFile($file, Yaml::PARSE_OBJECT_FOR_MAP)];
        $this->readSettings->check($settings);
        $this->settings->save($kept->version, Json::encode($settings));
    }

    /**
     * @param array<string, \Inlaid\Core\Material\Material> $materials
     */
    private function load(string $file, array $materials): void
    {
        $id = null;
        foreach ($this->recipes->read($file, $materials) as [$document, $reason]) {
            if (null === $id) {
                $id = $this->book->add($document)->id;
            } else {
                $this->book->saveDraft($id, $this->book->get($id)->draft->version, $document);
            }
            $this->book->publish($id, $this->book->get($id)->draft->version, $reason);
        }
    }
}
