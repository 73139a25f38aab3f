{{-- Sets what was fitted with one press, as in the settings, where it can be set back. --}}
@if ($take !== null)
    @can('update', auth()->user()->school)
        <form method="post" action="{{ route('settings.times') }}">
            @csrf @method('put')
            @foreach ($take['values'] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <x-button type="submit" size="sm">{{ $take['label'] }}</x-button>
            <a href="{{ route('settings') }}#times">{{ __('evidence.take.settings') }}</a>
        </form>
    @endcan
@endif
