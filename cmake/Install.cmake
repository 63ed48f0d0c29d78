# Where everything goes, and the Debian package (packaging/make-deb).
include(GNUInstallDirs)
set(desk ${PROJECT_SOURCE_DIR}/packaging/desktop)
set(share ${CMAKE_INSTALL_DATADIR}/haybale)

install(TARGETS haybale haybale-cli RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES ${desk}/haybale.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${desk}/haybale.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES ${desk}/haybale-mime.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages RENAME haybale.xml)
install(FILES ${desk}/haybale.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
install(FILES ${desk}/haybale-case.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/mimetypes)
install(FILES ${desk}/completion.bash DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME haybale-cli)
install(FILES data/priors.json DESTINATION ${share})
install(DIRECTORY data/practice data/sheets data/shop DESTINATION ${share})
install(FILES CHANGELOG.md DESTINATION ${CMAKE_INSTALL_DOCDIR})
install(DIRECTORY docs/formats DESTINATION ${CMAKE_INSTALL_DOCDIR})
install(FILES packaging/desktop/copyright DESTINATION ${CMAKE_INSTALL_DOCDIR})

# What Debian wants compressed, without the time in it.
find_program(HAYBALE_GZIP gzip)
if(HAYBALE_GZIP)
  foreach(pair "${desk}/haybale.1|${CMAKE_INSTALL_MANDIR}/man1" "${desk}/haybale-cli.1|${CMAKE_INSTALL_MANDIR}/man1"
               "${desk}/changelog.debian|${CMAKE_INSTALL_DOCDIR}")
    string(REPLACE "|" ";" parts ${pair})
    list(GET parts 0 from)
    list(GET parts 1 to)
    get_filename_component(name ${from} NAME)
    string(REPLACE "changelog.debian" "changelog" name ${name})
    install(CODE "
      file(MAKE_DIRECTORY \"\$ENV{DESTDIR}\${CMAKE_INSTALL_PREFIX}/${to}\")
      execute_process(COMMAND ${HAYBALE_GZIP} -9nc \"${from}\"
        OUTPUT_FILE \"\$ENV{DESTDIR}\${CMAKE_INSTALL_PREFIX}/${to}/${name}.gz\" COMMAND_ERROR_IS_FATAL ANY)")
  endforeach()
endif()

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME haybale)
set(CPACK_PACKAGE_VERSION ${PROJECT_VERSION})
set(CPACK_PACKAGE_CONTACT "Hay Bale developers <developers@haybale.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "find the fault in a wheel speed sensor circuit")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION "Hay Bale knows the circuit of a wheel speed sensor as an electrical model,
turns every reading into evidence about where the fault is, says which test to
make next and why, reads scope traces tooth by tooth, makes substitute
signals, and keeps the job from complaint to proof.")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION electronics)
set(CPACK_DEBIAN_PACKAGE_PRIORITY optional)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
# The drivers of the logbook are loaded by name, so no linker sees them.
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6sql6-sqlite")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "libqt6sql6-psql, speech-dispatcher")
include(CPack)
