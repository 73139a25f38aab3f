<x-beginning :step="App\Models\SetupStep::Curriculum" :$school :lead="__('beginning.curriculum.lead')">
<div class="choices">
    @foreach ($starters as $starter)
        <section class="choice">
            <h2 class="mt-0">{{ $starter->title() }}</h2>
            <p>{{ $starter->text() }}</p>
            <x-button kind="rust" :href="route('starters.show', $starter)">
                {{ __('beginning.curriculum.look', ['starter' => $starter->title()]) }}
            </x-button>
        </section>
    @endforeach
    <section class="choice">
        <h2 class="mt-0">{{ __('beginning.curriculum.file') }}</h2>
        <p>{{ __('beginning.curriculum.file-help') }}</p>
        <form method="post" action="{{ route('import.check') }}" enctype="multipart/form-data">
            @csrf
            <x-field name="file" id="catalogue" class="mb-2" :label="__('school.import-file')">
                <x-input name="file" id="catalogue" type="file" accept=".yaml,.yml,.json" required/>
            </x-field>
            <x-button>{{ __('words.preview') }}</x-button>
        </form>
    </section>
    <section class="choice">
        <h2 class="mt-0">{{ __('beginning.curriculum.empty') }}</h2>
        <p>{{ __('beginning.curriculum.empty-help') }}</p>
        <form method="post" action="{{ route('beginning.curriculum') }}">
            @csrf
            @method('put')
            <x-button>{{ __('beginning.curriculum.use-empty') }}</x-button>
        </form>
    </section>
</div>
<p class="step-buttons"><x-button :href="App\Models\SetupStep::Contact->url()">{{ __('words.back') }}</x-button></p>
</x-beginning>
