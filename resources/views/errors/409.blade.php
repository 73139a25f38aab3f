<x-message name="409"/>
