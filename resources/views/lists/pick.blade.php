{{-- Puts what is ticked anywhere on the page (cells[] of this form) on a list; a new one may be called $newName. --}}
@can('create', App\Models\DrillList::class)
<form method="post" action="{{ route('drill-lists.items.store') }}" id="pick" class="search-row no-print">
    @csrf
    @if ($sidesOf ?? null)
        @include('lists.sides', ['attack' => $sidesOf])
    @endif
    <x-field name="list" id="pick-list" :label="__('lists.pick-list')"><x-select name="list" id="pick-list"
        :options="['' => __('lists.a-new-one')] + $lists->pluck('name', 'id')->all()" :value="old('list', session('list'))"/></x-field>
    <x-field name="name" id="pick-name" :label="__('lists.pick-name')"><x-input name="name" id="pick-name" maxlength="200"
        :value="old('name', $newName ?? __('lists.usual-name', ['day' => school_time(now(), 'j M, H:i')]))"/></x-field>
    <x-button>{{ __('lists.pick') }}</x-button>
    @error('cells')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
    @if (session('list'))<a href="{{ route('drill-lists.show', session('list')) }}">{{ __('lists.see') }}</a>@endif
</form>
@endcan
