<x-beginning :step="App\Models\SetupStep::Doctrine" :$school :lead="__('beginning.doctrine.lead', ['attack' => $attack])">
<form method="post" action="{{ route('beginning.doctrine') }}">
    @csrf
    @method('put')
    <fieldset>
    <legend class="visually-hidden">{{ __('beginning.doctrine.title') }}</legend>
    <div class="choices choices-narrow">
    @foreach ($choices as $choice)
        <label class="choice">
            <span class="choice-head"><input type="radio" class="form-check-input" name="doctrine" value="{{ $choice->doctrine->value }}"
                @checked(old('doctrine', $school->doctrine) === $choice->doctrine->value)>
                <strong>{{ __('beginning.doctrine.names.'.$choice->doctrine->value) }}</strong></span>
            <span>{{ __('beginning.doctrine.texts.'.$choice->doctrine->value) }}</span>
            <span class="choice-picture">@include('workbench.drawing', ['picture' => $choice->picture, 'label' => $choice->title.': '.
                $choice->end])</span>
            <span class="choice-beats"><strong>{{ $choice->title }}</strong>@foreach ($choice->beats as $beat)<span><b>{{ $loop->iteration
                }}</b> {{ $beat }}</span>@endforeach</span>
            <span class="form-text">{{ $choice->end }}</span>
        </label>
    @endforeach
    </div>
    </fieldset>
    <p class="form-text mt-2">{{ __('beginning.doctrine.estimate') }}</p>
    <x-step-buttons :step="App\Models\SetupStep::Doctrine"/>
</form>
</x-beginning>
