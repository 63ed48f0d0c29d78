# What every target of the project shares: warnings, sanitizers, version.

add_library(haybale_options INTERFACE)
target_compile_options(haybale_options INTERFACE
  -Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor -Woverloaded-virtual -Wold-style-cast
  -Wcast-qual -Wconversion -Wformat=2 $<$<BOOL:${HAYBALE_WERROR}>:-Werror>)
if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU")
  # GCC 12 reports these falsely inside the standard library's std::string and std::variant at -O2.
  target_compile_options(haybale_options INTERFACE -Wno-restrict -Wno-maybe-uninitialized -Wno-stringop-overflow -Wno-stringop-overread -Wno-array-bounds)
endif()
target_compile_definitions(haybale_options INTERFACE HAYBALE_VERSION="${PROJECT_VERSION}")
target_include_directories(haybale_options INTERFACE ${PROJECT_SOURCE_DIR}/src ${PROJECT_BINARY_DIR}/generated)

if(HAYBALE_SANITIZE)
  target_compile_options(haybale_options INTERFACE -fsanitize=${HAYBALE_SANITIZE} -fno-sanitize-recover=all -fno-omit-frame-pointer)
  target_link_options(haybale_options INTERFACE -fsanitize=${HAYBALE_SANITIZE})
  if(HAYBALE_SANITIZE STREQUAL "thread")
    target_sources(haybale_options INTERFACE
      $<$<STREQUAL:$<TARGET_PROPERTY:TYPE>,EXECUTABLE>:${PROJECT_SOURCE_DIR}/tests/sanitize/clone_as_fork.cpp>)
  elseif(HAYBALE_SANITIZE MATCHES "address" AND NOT HAYBALE_FUZZ)
    target_sources(haybale_options INTERFACE
      $<$<STREQUAL:$<TARGET_PROPERTY:TYPE>,EXECUTABLE>:${PROJECT_SOURCE_DIR}/tests/sanitize/known_leaks.cpp>)
  endif()
endif()
if(HAYBALE_FUZZ)
  target_compile_options(haybale_options INTERFACE -fsanitize=fuzzer-no-link)
endif()

# A target whose sources are compiled a handful at a time: what they all include is read once.
function(haybale_fast target)
  if(HAYBALE_UNITY)
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE 9)
  endif()
endfunction()

# Where no loop over samples runs, the compiler's time is better spent elsewhere.
function(haybale_light target)
  target_compile_options(${target} PRIVATE $<$<CONFIG:Release>:-O1>)
endfunction()
